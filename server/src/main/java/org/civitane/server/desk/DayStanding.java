package org.civitane.server.desk;

import java.util.List;
import java.util.Optional;
import org.civitane.core.claim.ClaimState;
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
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Texts;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Works out a claim's next step whenever something about it changes, in the same transaction. */
@Component
class DayStanding {
    private final Claims claims;
    private final Situations situations;
    private final InTheWay inTheWay;
    private final StandingPause pause;
    private final Texts texts;

    DayStanding(Claims claims, Situations situations, InTheWay inTheWay, StandingPause pause, Texts texts) {
        this.claims = claims;
        this.situations = situations;
        this.inTheWay = inTheWay;
        this.pause = pause;
        this.texts = texts;
    }

    @EventListener
    void touched(ClaimTouched event) {
        if (pause.holdsBack(event.claim())) {
            return;
        }
        claims.hold(event.claim());
        ClaimView claim = claims.claim(event.claim());
        if (claim.state().isOpen()) {
            Situation now = situations.of(claim);
            Determinations.Run run = now.run();
            List<Obstacle> obstacles = inTheWay.of(now);
            boolean ready = claim.waiting().isEmpty() && isReady(run, obstacles);
            claims.stand(
                    claim.id(),
                    standing(now, obstacles, ready),
                    ready && claim.owner().isPresent());
        }
    }

    /** Nothing in the way that could change the answer, and every outcome final. */
    static boolean isReady(Determinations.Run run, List<Obstacle> obstacles) {
        return run.determination().status() == Status.DETERMINED
                && obstacles.stream().allMatch(obstacle -> obstacle.weight() == Obstacle.Weight.IMMATERIAL);
    }

    private Standing standing(Situation now, List<Obstacle> obstacles, boolean ready) {
        ClaimView claim = now.claim();
        if (claim.urgent() && claim.waiting().isEmpty() && claim.owner().isPresent() && !ready) {
            Standing usual = usualStanding(now, obstacles, false);
            return new Standing(usual.stack(), texts.say("next.urgent", usual.nextStep()), usual.action());
        }
        return usualStanding(now, obstacles, ready);
    }

    private Standing usualStanding(Situation now, List<Obstacle> obstacles, boolean ready) {
        ClaimView claim = now.claim();
        Determinations.Run run = now.run();
        if (claim.state() == ClaimState.FROZEN) {
            return new Standing(Optional.empty(), texts.say("next.frozen"), NextAction.NONE);
        }
        if (claim.owner().isPresent() && (now.unread() > 0 || now.moreTime().isPresent())) {
            String step = now.moreTime()
                    .map(asked -> texts.say("next.more-time", asked.days()))
                    .orElseGet(() -> texts.say("next.message", now.unread()));
            return new Standing(Optional.of(Stack.CAME_BACK), step, NextAction.OPEN);
        }
        if (claim.waiting().filter(wait -> wait.on() == Wait.On.APPLICANT).isPresent()) {
            return new Standing(
                    Optional.empty(),
                    texts.say(
                            "next.waiting",
                            DayText.brief(claim.waiting().orElseThrow().until())),
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
        String more = obstacle.impact().isEmpty() ? obstacle.detail() : obstacle.impact();
        return texts.say("next.obstacle", obstacle.title(), more);
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
