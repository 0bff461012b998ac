package org.civitane.server.papers;

import java.util.List;
import org.civitane.core.claim.Act;
import org.civitane.core.identity.DocumentCategory;
import org.civitane.core.identity.DocumentType;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
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
        boolean begun = paper.state() == Paper.State.BEGUN;
        if (begun) {
            checkMost(paper);
        }
        if (table.add(paper, arrival.digest(), arrival.bytes())) {
            readings.toBeRead(paper.id());
            if (!begun) {
                tell(paper, who);
            }
        } else {
            again(paper, who);
        }
        return table.withFile(paper.claim(), paper.digest()).orElseThrow();
    }

    /** The same file once more: one that was only begun, or taken back, is what it comes as now. */
    private void again(Paper paper, SignedIn who) {
        Paper before = table.withFile(paper.claim(), paper.digest()).orElseThrow();
        boolean handedIn = before.state() != Paper.State.BEGUN && before.state() != Paper.State.TAKEN_BACK;
        boolean begun = paper.state() == Paper.State.BEGUN;
        if (handedIn && begun || paper.backOf().filter(before.id()::equals).isPresent()) {
            throw Problem.conflict("already-here", Phrase.of("identity.already-here"));
        }
        if (!handedIn) {
            table.again(before.id(), paper);
            if (!begun) {
                tell(paper, who);
            }
        }
    }

    private void tell(Paper paper, SignedIn who) {
        claims.note(paper.claim(), Actor.of(who), "paper-received", Phrase.of("history.paper", paper.name()));
        events.publishEvent(new PapersChanged(paper.claim()));
        claims.touch(paper.claim());
    }

    /** As many documents of a category, and no more backs than fronts, as the rulebook lets a person send. */
    private void checkMost(Paper paper) {
        DocumentCategory category = DocumentType.named(paper.documentType()).category();
        List<Paper> begun = table.begun(paper.claim());
        boolean enough = paper.backOf().isPresent()
                ? begun.stream().noneMatch(each -> paper.backOf().get().equals(each.id()))
                        || begun.stream().anyMatch(each -> each.backOf().equals(paper.backOf()))
                : begun.stream()
                                .filter(each -> each.backOf().isEmpty())
                                .filter(each ->
                                        DocumentType.named(each.documentType()).category() == category)
                                .count()
                        >= category.most();
        if (enough) {
            throw Problem.conflict("enough-of-these", Phrase.of("identity.enough-of-these", category.most()));
        }
    }
}
