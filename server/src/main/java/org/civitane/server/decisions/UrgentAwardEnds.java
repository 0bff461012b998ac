package org.civitane.server.decisions;

import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.papers.PapersChanged;
import org.civitane.server.platform.Phrase;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** How an award that could not wait goes on: with everything shown in time, or by stopping. */
@Component
class UrgentAwardEnds {
    private final Asks asks;
    private final EvidenceList evidence;
    private final Dossiers dossiers;
    private final Claims claims;
    private final Decisions decisions;

    UrgentAwardEnds(Asks asks, EvidenceList evidence, Dossiers dossiers, Claims claims, Decisions decisions) {
        this.asks = asks;
        this.evidence = evidence;
        this.dossiers = dossiers;
        this.claims = claims;
        this.decisions = decisions;
    }

    /** Papers came: once none is wanted any more, the claim comes back to be decided. */
    @EventListener
    void papersChanged(PapersChanged event) {
        asks.open(event.claim(), Ask.Kind.LATER_PAPERS)
                .filter(ask -> evidence.of(dossiers.of(event.claim())).stream().noneMatch(EvidenceItem::isWanted))
                .ifPresent(asks::answered);
    }

    /** The 30 days are over: unless everything came, the payment stops and the claim is closed. */
    @EventListener
    void lapsed(AskLapsed event) {
        if (event.ask().kind() == Ask.Kind.LATER_PAPERS) {
            decisions.close(claims.claim(event.ask().claim()), Phrase.of("urgent.stopped"));
        }
    }
}
