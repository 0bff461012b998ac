package org.civitane.server.papers;

import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.Phrase;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Brings a paper that was looked at to its claim. */
@Component
class PaperArrivals {
    private final Claims claims;
    private final ClaimActs acts;
    private final PaperRoom room;
    private final PaperTable table;
    private final Readings readings;
    private final ApplicationEventPublisher events;

    PaperArrivals(
            Claims claims,
            ClaimActs acts,
            PaperRoom room,
            PaperTable table,
            Readings readings,
            ApplicationEventPublisher events) {
        this.claims = claims;
        this.acts = acts;
        this.room = room;
        this.table = table;
        this.readings = readings;
        this.events = events;
    }

    /**
     * Holds the claim first, so that of many papers that come at once each finds it as the one before left it, and none
     * comes to a claim that was decided while the paper was on its way.
     *
     * @return the paper; the one that is there already when the same file came before
     */
    @Transactional
    public Paper keep(Paper paper, PaperStore.Arrival arrival, SignedIn who) {
        claims.hold(paper.claim());
        acts.check(claims.claim(paper.claim()), Act.ANSWER);
        room.check(paper.claim(), arrival.bytes());
        if (table.add(paper, arrival.digest(), arrival.bytes())) {
            readings.toBeRead(paper.id());
            claims.note(paper.claim(), Actor.of(who), "paper-received", Phrase.of("history.paper", paper.name()));
            events.publishEvent(new PapersChanged(paper.claim()));
            claims.touch(paper.claim());
        }
        return table.of(paper.claim()).stream()
                .filter(each -> each.digest().equals(paper.digest()))
                .findFirst()
                .orElseThrow();
    }
}
