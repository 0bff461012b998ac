package org.civitane.server.desk;

import java.util.List;
import java.util.UUID;
import org.civitane.core.reasoning.Reader;
import org.civitane.exchange.casefile.FactNames;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.corrections.FixLists;
import org.civitane.server.determinations.Run;
import org.civitane.server.verification.Fact;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** Puts together what the desk shows of a claim. */
@Component
class DeskView {
    private final DayStanding standing;
    private final InTheWay inTheWay;
    private final DeskStrip strip;
    private final Outcomes outcomes;
    private final RegisterWords registers;
    private final FixLists fixLists;
    private final DeskPast past;

    DeskView(
            DayStanding standing,
            InTheWay inTheWay,
            DeskStrip strip,
            Outcomes outcomes,
            RegisterWords registers,
            FixLists fixLists,
            DeskPast past) {
        this.standing = standing;
        this.inTheWay = inTheWay;
        this.strip = strip;
        this.outcomes = outcomes;
        this.registers = registers;
        this.fixLists = fixLists;
        this.past = past;
    }

    /** The desk as it is now; where something happened to the claim in this transaction, as that left it. */
    @Transactional(readOnly = true)
    Desk of(UUID id, SignedIn who) {
        DayStanding.Now stands = standing.now(id);
        ClaimView claim = stands.claim();
        Situation now = stands.situation();
        Run run = now.run().readBy(Reader.OFFICE);
        List<Obstacle> obstacles = claim.state().isOpen() ? inTheWay.of(now) : CameUps.atTheDesk(stands.cameUp());
        return new Desk(
                claim.id(),
                claim.version(),
                strip.of(claim, now, obstacles, who),
                strip.may(claim, who),
                obstacles,
                now.facts(),
                outcomes.of(run),
                run.working(),
                new Desk.Asking(
                        now.fixLists(),
                        answers(now),
                        now.moreTime(),
                        fixLists.suggestedDueOn(claim),
                        fixLists.latestDueOn(claim)),
                past.of(id),
                claim.edition(),
                now.unread(),
                now.proposedMatches(),
                now.review().requests().stream()
                        .map(request -> registers.inquiry(request, run))
                        .toList(),
                now.review().identity(),
                now.review().doubt(),
                unasked(now),
                now.review().income(),
                outcomes.plan(now.dossier()));
    }

    private static List<Desk.PointAnswered> answers(Situation now) {
        FactNames names = new FactNames(
                now.run().programme().facts(),
                now.run().wording(),
                now.dossier().settled().json());
        return now.fixLists().stream()
                .flatMap(list -> list.points().stream()
                        .filter(point -> point.answeredAt() != null)
                        .map(point -> new Desk.PointAnswered(
                                list.id(),
                                point.path(),
                                words(names, point.path(), point.before()),
                                words(names, point.path(), point.after()))))
                .toList();
    }

    private static String words(FactNames names, String path, @Nullable JsonNode value) {
        return value == null || value.isNull() ? "" : names.words(path, value);
    }

    private static List<Desk.Unasked> unasked(Situation now) {
        return now.facts().stream()
                .flatMap(group -> group.facts().stream())
                .filter(fact -> fact.settled().filter(Fact.Settled::unasked).isPresent())
                .map(fact -> new Desk.Unasked(
                        fact.label(), fact.settled().orElseThrow().reason()))
                .toList();
    }
}
