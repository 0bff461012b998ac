package org.civitane.server.desk;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.CameUp;
import org.civitane.server.claims.ClaimTouched;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.claims.NextAction;
import org.civitane.server.claims.Stack;
import org.civitane.server.claims.Standing;
import org.civitane.server.claims.Wait;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.platform.Phrase;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Works out a claim's next step whenever something about it changes, in the same transaction: once, at its end or as
 * soon as someone asks, however much happened to the claim in it.
 */
@Component
class DayStanding {
    private final Claims claims;
    private final Situations situations;
    private final InTheWay inTheWay;
    private final Dossiers dossiers;
    private final EvidenceList evidence;
    private final CameUps cameUps;

    DayStanding(
            Claims claims,
            Situations situations,
            InTheWay inTheWay,
            Dossiers dossiers,
            EvidenceList evidence,
            CameUps cameUps) {
        this.claims = claims;
        this.situations = situations;
        this.inTheWay = inTheWay;
        this.dossiers = dossiers;
        this.evidence = evidence;
        this.cameUps = cameUps;
    }

    @EventListener
    void touched(ClaimTouched event) {
        Touched.inThisTransaction(this::stand).add(event.claim());
    }

    /** A claim as it stands. @param cameUp what came up once it was decided */
    record Now(ClaimView claim, Situation situation, List<CameUp> cameUp) {}

    /** As it stands now; where something happened to it in this transaction, as that left it. */
    Now now(UUID id) {
        Situation situation = standNow(id).orElseGet(() -> situations.of(dossiers.of(id)));
        ClaimView claim = claims.claim(id);
        return new Now(claim, situation, claim.decidedAt().isPresent() ? cameUps.of(claim) : List.of());
    }

    /**
     * Works a claim out now, if something happened to it in this transaction.
     *
     * @return the situation that it was worked out on; empty when nothing happened to it, or it is not open any more
     */
    private Optional<Situation> standNow(UUID claim) {
        return Touched.inThisTransaction(this::stand).take(claim) ? stand(claim) : Optional.empty();
    }

    private Optional<Situation> stand(UUID id) {
        ClaimView claim = claims.claim(id);
        if (claim.decidedAt().isPresent()) {
            claims.stand(id, CameUps.standing(cameUps.of(claim)), false);
        }
        if (!claim.state().isOpen()) {
            return Optional.empty();
        }
        claims.hold(id);
        claim = claims.claim(id);
        Situation now = situations.of(dossiers.of(claim));
        List<Obstacle> obstacles = inTheWay.of(now);
        claim = claims.holdFor(id, heldBy(now, obstacles));
        boolean ready = claim.waiting().isEmpty() && isReady(now.run(), obstacles);
        evidence.takeDown(now.dossier());
        claims.stand(
                id,
                standing(claim, now, obstacles, ready),
                ready && claim.owner().isPresent());
        return Optional.of(now);
    }

    /** Whom it waits for when nothing else is left to do: someone outside whom the rules wait for, a silent register. */
    private static Optional<Wait> heldBy(Situation now, List<Obstacle> obstacles) {
        List<Obstacle> left = obstacles.stream()
                .filter(obstacle -> obstacle.weight() != Obstacle.Weight.IMMATERIAL)
                .toList();
        boolean nothingElse = left.stream()
                .allMatch(obstacle -> obstacle.weight() == Obstacle.Weight.WANTED
                        && (obstacle.kind() == Obstacle.Kind.OTHERS || obstacle.kind() == Obstacle.Kind.REGISTER));
        Stream<String> awaited = now.run().determination().status() == Status.HOLD
                ? now.run().determination().missing().stream()
                : left.stream()
                        .filter(obstacle -> obstacle.kind() == Obstacle.Kind.REGISTER)
                        .map(Obstacle::path);
        return nothingElse
                ? awaited.flatMap(whom -> now.dossier().openAskOf(whom).stream())
                        .map(Ask::asWait)
                        .findFirst()
                : Optional.empty();
    }

    /** Nothing in the way that could change the answer, and every outcome final. */
    static boolean isReady(Run run, List<Obstacle> obstacles) {
        return run.determination().status().isFinal()
                && obstacles.stream().allMatch(obstacle -> obstacle.weight() == Obstacle.Weight.IMMATERIAL);
    }

    private static Standing standing(ClaimView claim, Situation now, List<Obstacle> obstacles, boolean ready) {
        if (claim.urgent() && claim.waiting().isEmpty() && claim.owner().isPresent() && !ready) {
            Standing usual = usualStanding(claim, now, obstacles, false);
            return new Standing(usual.stack(), Phrase.of("next.urgent", usual.nextStep()), usual.action());
        }
        return usualStanding(claim, now, obstacles, ready);
    }

    private static Standing usualStanding(ClaimView claim, Situation now, List<Obstacle> obstacles, boolean ready) {
        Run run = now.run();
        if (claim.state() == ClaimState.FROZEN) {
            return new Standing(Optional.empty(), Phrase.of("next.frozen"), NextAction.NONE);
        }
        if (claim.owner().isPresent() && (now.unread() > 0 || now.moreTime().isPresent())) {
            Phrase step = now.moreTime()
                    .map(asked -> Phrase.of("next.more-time", asked.days()))
                    .orElseGet(() -> Phrase.of("next.message", now.unread()));
            return new Standing(Optional.of(Stack.CAME_BACK), step, NextAction.OPEN);
        }
        Optional<Wait> waiting =
                claim.waiting().filter(wait -> claim.owner().isPresent() || wait.on() == Wait.On.APPLICANT);
        if (waiting.isPresent()) {
            return new Standing(
                    Optional.empty(),
                    Phrase.of(
                            "next.waiting." + waiting.get().on(),
                            Phrase.full(waiting.get().until()),
                            waiting.get().what()),
                    NextAction.NONE);
        }
        if (claim.owner().isEmpty()) {
            return new Standing(
                    Optional.of(Stack.NEW),
                    Phrase.of("next.new", run.subjects(), firstLook(run, obstacles, ready)),
                    NextAction.TAKE);
        }
        boolean cameBack = claim.cameBackAt().isPresent();
        if (ready && !cameBack) {
            return new Standing(Optional.of(Stack.READY), outcomeWords(run), NextAction.DECIDE);
        }
        Phrase step =
                ready ? outcomeWords(run) : obstacles.isEmpty() ? Phrase.of("next.look") : words(obstacles.getFirst());
        return cameBack
                ? new Standing(Optional.of(Stack.CAME_BACK), Phrase.of("next.came-back", step), NextAction.COMPARE)
                : new Standing(Optional.of(Stack.NEW), step, NextAction.OPEN);
    }

    private static Phrase firstLook(Run run, List<Obstacle> obstacles, boolean ready) {
        if (ready) {
            return outcomeWords(run);
        }
        return obstacles.isEmpty() ? Phrase.of("next.look") : Phrase.of("next.first", words(obstacles.getFirst()));
    }

    private static Phrase words(Obstacle obstacle) {
        Phrase more = obstacle.impact().isNothing() ? obstacle.detail() : obstacle.impact();
        return Phrase.of("next.obstacle", obstacle.title(), more);
    }

    private static Phrase outcomeWords(Run run) {
        List<Outcome> outcomes = run.determination().outcomes();
        List<String> results = outcomes.stream().map(Outcome::result).distinct().toList();
        Optional<Phrase> figure = outcomes.size() == 1 ? run.figureOf(outcomes.getFirst()) : Optional.empty();
        if (figure.isPresent()) {
            return Phrase.of("next.ready-figure", run.headline(), figure.get());
        }
        Phrase basis = outcomes.stream().findFirst().map(run::basisOf).orElse(Phrase.NOTHING);
        return Phrase.of(
                "next.ready", results.size() == 1 ? run.headline() : Phrase.of("next.mixed"), run.subjects(), basis);
    }
}
