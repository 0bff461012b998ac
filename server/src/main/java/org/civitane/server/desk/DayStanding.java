package org.civitane.server.desk;

import java.util.List;
import java.util.Optional;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.server.casework.ClaimTouched;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.NextAction;
import org.civitane.server.casework.Stack;
import org.civitane.server.casework.Standing;
import org.civitane.server.casework.Wait;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.platform.Texts;
import org.civitane.server.verification.FactGroup;
import org.civitane.server.verification.FactSheet;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Works out a claim's next step whenever something about it changes, in the same transaction. */
@Component
class DayStanding {
    private final Claims claims;
    private final Determinations determinations;
    private final FactSheet facts;
    private final InTheWay inTheWay;
    private final Texts texts;

    DayStanding(Claims claims, Determinations determinations, FactSheet facts, InTheWay inTheWay, Texts texts) {
        this.claims = claims;
        this.determinations = determinations;
        this.facts = facts;
        this.inTheWay = inTheWay;
        this.texts = texts;
    }

    @EventListener
    void touched(ClaimTouched event) {
        ClaimView claim = claims.claim(event.claim());
        if (claim.state().isOpen()) {
            Determinations.Run run = determinations.current(claim);
            List<FactGroup> groups = facts.of(claim);
            List<Obstacle> obstacles = inTheWay.of(claim, run, groups);
            boolean ready = claim.waiting().isEmpty() && isReady(run, obstacles);
            claims.stand(
                    claim.id(),
                    standing(claim, run, obstacles, ready),
                    ready && claim.owner().isPresent());
        }
    }

    /** Nothing in the way that could change the answer, and every outcome final. */
    static boolean isReady(Determinations.Run run, List<Obstacle> obstacles) {
        return run.determination().status() == Status.DETERMINED
                && obstacles.stream().allMatch(obstacle -> obstacle.weight() == Obstacle.Weight.IMMATERIAL);
    }

    private Standing standing(ClaimView claim, Determinations.Run run, List<Obstacle> obstacles, boolean ready) {
        if (claim.waiting().filter(wait -> wait.on() == Wait.On.APPLICANT).isPresent()) {
            return new Standing(
                    Optional.empty(),
                    texts.say(
                            "next.waiting",
                            DayNames.of(claim.waiting().orElseThrow().until())),
                    NextAction.NONE);
        }
        if (claim.owner().isEmpty()) {
            return new Standing(
                    Optional.of(Stack.NEW),
                    texts.say("next.new", run.subjects(), firstLook(run, obstacles, ready)),
                    NextAction.TAKE);
        }
        boolean cameBack = claim.cameBackAt().isPresent();
        if (ready && !cameBack) {
            return new Standing(Optional.of(Stack.READY), outcomeWords(run), NextAction.DECIDE);
        }
        String step =
                ready ? outcomeWords(run) : obstacles.isEmpty() ? texts.say("next.look") : words(obstacles.getFirst());
        return cameBack
                ? new Standing(Optional.of(Stack.CAME_BACK), texts.say("next.came-back", step), NextAction.COMPARE)
                : new Standing(Optional.of(Stack.NEW), step, NextAction.OPEN);
    }

    private String firstLook(Determinations.Run run, List<Obstacle> obstacles, boolean ready) {
        if (ready) {
            return outcomeWords(run);
        }
        return obstacles.isEmpty() ? texts.say("next.look") : texts.say("next.first", words(obstacles.getFirst()));
    }

    private String words(Obstacle obstacle) {
        return texts.say("next.obstacle", obstacle.title(), obstacle.detail());
    }

    private String outcomeWords(Determinations.Run run) {
        List<Outcome> outcomes = run.determination().outcomes();
        List<String> results = outcomes.stream().map(Outcome::result).distinct().toList();
        String basis = outcomes.stream().map(Outcome::basis).findFirst().orElse("");
        String result =
                results.size() == 1 ? run.wording().text("outcome." + results.getFirst()) : texts.say("next.mixed");
        return texts.say("next.ready", result, run.subjects(), run.wording().textOr("basis." + basis, basis));
    }
}
