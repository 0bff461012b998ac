package org.civitane.server.desk;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.Reader;
import org.civitane.core.reasoning.Value;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.determinations.Plan;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Component;

/** An outcome as the desk and a trial show it, in words. */
@Component
class Outcomes {
    private final Texts texts;
    private final Determinations determinations;
    private final AgencyClock clock;

    Outcomes(Texts texts, Determinations determinations, AgencyClock clock) {
        this.texts = texts;
        this.determinations = determinations;
        this.clock = clock;
    }

    /** The days a claim is about as they are settled, decided today or on the day it was. */
    Optional<Plan> plan(Dossier dossier) {
        LocalDate day = dossier.claim()
                .decidedAt()
                .map(at -> at.atZone(clock.getZone()).toLocalDate())
                .orElseGet(clock::today);
        return determinations.plan(dossier.settled().read(), dossier.run(), day);
    }

    Desk.Result of(Run run) {
        List<Outcome> outcomes = run.determination().outcomes();
        return new Desk.Result(
                outcomes.isEmpty() ? texts.say("desk.nobody") : texts.say(run.headline(), Reader.OFFICE),
                detail(run),
                run.determination().status().isFinal(),
                outcomes.stream().anyMatch(outcome -> run.findingOf(outcome).needsReason()),
                scale(run));
    }

    /** Whom it is about and for how long; for a household as a whole the programme's own summary. */
    private String detail(Run run) {
        List<Outcome> outcomes = run.determination().outcomes();
        if (outcomes.isEmpty()) {
            return "";
        }
        Outcome first = outcomes.getFirst();
        String summary = run.wording().textOr("summary." + first.result(), "");
        if (!summary.isEmpty()) {
            return run.wording().filled(summary, run.places(first));
        }
        if (!run.isAboutPeople()) {
            return run.places(first).get("basis");
        }
        String whom = texts.say("desk.for", run.subjects(), run.namesOf(outcomes));
        return outcomes.stream()
                .filter(outcome -> outcome.more().containsKey("from"))
                .findFirst()
                .map(run::places)
                .map(places -> whom + " · " + texts.say("desk.span", places.get("from"), places.get("to")))
                .orElse(whom);
    }

    private static Optional<Desk.Scale> scale(Run run) {
        Map<String, Value> figures = run.determination().figures();
        return run.programme()
                .scale()
                .filter(scale -> figures.get(scale.figure()) instanceof Value.Amount)
                .map(scale -> new Desk.Scale(
                        run.wording()
                                .filled(
                                        run.wording().text("scale.words"),
                                        run.places(
                                                run.determination().outcomes().getFirst())),
                        amount(figures.get(scale.figure())),
                        scale.limits().stream()
                                .map(figures::get)
                                .map(Outcomes::amount)
                                .toList()));
    }

    private static String amount(Value value) {
        return value instanceof Value.Amount amount ? amount.money().toString() : "";
    }
}
