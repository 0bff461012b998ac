package org.civitane.server.documents;

import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Notices;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A document made out anew under another number: whoever checks the old one sees that it was replaced. It is valid as
 * long as the old one was, since what it says was looked at for that one.
 */
@Service
@Transactional
class Replacements {
    private final Documents documents;
    private final Handovers handovers;
    private final Dossiers dossiers;
    private final Claims claims;
    private final Notices notices;
    private final AgencyClock clock;

    Replacements(
            Documents documents,
            Handovers handovers,
            Dossiers dossiers,
            Claims claims,
            Notices notices,
            AgencyClock clock) {
        this.documents = documents;
        this.handovers = handovers;
        this.dossiers = dossiers;
        this.claims = claims;
        this.notices = notices;
        this.clock = clock;
    }

    /** @throws Problem when the document does not stand any more, or the claim is held */
    void replace(ClaimView claim, UUID id, String why, SignedIn caseworker) {
        claims.hold(claim.id());
        ClaimActs.checkIsFree(claims.claim(claim.id()));
        Issued old = documents.of(claim.id(), id);
        if (old.on(clock.today()) != Issued.Standing.STANDS) {
            throw Problem.conflict("not-standing", Phrase.of("document.not-standing"));
        }
        handovers.standsNoMore(old, caseworker);
        documents.issueInPlaceOf(old, dossiers.of(claim), clock.today(), clock.instant());
        claims.note(claim.id(), Actor.of(caseworker), "replaced", Phrase.of("history.replaced", old.number(), why));
        notices.tell(claim.id());
    }
}
