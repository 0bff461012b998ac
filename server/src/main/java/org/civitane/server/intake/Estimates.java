package org.civitane.server.intake;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.determinations.Plan;
import org.civitane.server.determinations.Run;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** Says what an application looks like coming to, as soon as that can be said. */
@Component
class Estimates {
    private final Determinations determinations;
    private final Texts texts;
    private final AgencyClock clock;

    Estimates(Determinations determinations, Texts texts, AgencyClock clock) {
        this.determinations = determinations;
        this.texts = texts;
        this.clock = clock;
    }

    /** An application's days, and what it looks like coming to. */
    record Planned(Estimate estimate, Optional<Plan> plan) {}

    /** An application read and worked out, as far as that can be. */
    Imagined imagine(String programme, ObjectNode answers) {
        Optional<CaseFiles.Read<?>> read = Optional.empty();
        try {
            read = Optional.of(Application.read(Application.imaginedFile(answers, programme, clock.localNow())));
            return new Imagined(Catalogue.named(programme), read, read.map(determinations::run), Optional.empty());
        } catch (BadInput e) {
            return new Imagined(Catalogue.named(programme), read, Optional.empty(), Optional.of(e));
        } catch (Problem e) {
            return new Imagined(Catalogue.named(programme), read, Optional.empty(), Optional.empty());
        }
    }

    Estimate of(Imagined application) {
        return application.run().map(this::estimate).orElseGet(this::notYet);
    }

    /**
     * The days that an application is about, with what is told only for the figures.
     *
     * @throws org.civitane.core.casefile.InvalidFact when what is supposed cannot be read
     */
    Planned planned(String programme, ObjectNode answers, Map<String, String> supposed) {
        return Application.imagined(answers, programme, clock.localNow())
                .map(read -> planned(read, supposed))
                .orElseGet(() -> new Planned(notYet(), Optional.empty()));
    }

    /** Without anything supposed the estimate is that of the application alone. */
    private <C extends CaseFile> Planned planned(CaseFiles.Read<C> said, Map<String, String> supposed) {
        Map<String, String> told = supposed.entrySet().stream()
                .filter(answer -> !answer.getValue().isBlank())
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        OnlineForm<C> form = said.programme().form().orElseThrow();
        CaseFiles.Read<C> read = new CaseFiles.Read<>(said.programme(), form.supposed(said.file(), told));
        Run run = determinations.run(read);
        return new Planned(
                estimate(told.isEmpty() ? determinations.run(said) : run),
                determinations.plan(read, run, clock.today()));
    }

    private Estimate notYet() {
        return new Estimate(
                false, texts.say("estimate.not-yet"), texts.say("estimate.not-yet.detail"), List.of(), List.of());
    }

    private Estimate estimate(Run run) {
        List<String> open =
                run.determination().missing().stream().map(run.wording()::shown).toList();
        if (run.determination().status() == Status.INCOMPLETE) {
            return new Estimate(
                    false,
                    texts.say("estimate.not-yet"),
                    texts.say("estimate.open", String.join("; ", open)),
                    open,
                    List.of());
        }
        return new Estimate(true, headline(run), detail(run), List.of(), because(run));
    }

    /** The sentences of the working that the programme tells with its estimate. */
    private static List<String> because(Run run) {
        Set<String> said =
                run.programme().form().map(OnlineForm::saidInEstimate).orElse(Set.of());
        return run.determination().reasons().stream()
                .filter(step -> said.contains(step.code()))
                .map(run.wording()::sentence)
                .toList();
    }

    private String headline(Run run) {
        Map<String, List<Outcome>> byResult = run.determination().outcomes().stream()
                .collect(Collectors.groupingBy(Outcome::result, LinkedHashMap::new, Collectors.toList()));
        return byResult.entrySet().stream()
                .map(entry -> {
                    String result = run.wording().text("outcome." + entry.getKey());
                    return run.isAboutPeople()
                            ? texts.say("estimate.for", result, run.namesOf(entry.getValue()))
                            : result;
                })
                .collect(Collectors.joining("; "));
    }

    /** The programme's sentence for the first result, or for its basis. */
    private static String detail(Run run) {
        Outcome first = run.determination().outcomes().getFirst();
        String forBasis = run.wording().textOr("estimate." + first.basis(), "");
        String template = run.wording().textOr("estimate." + first.result(), forBasis);
        return run.wording().filled(template, run.places(first));
    }
}
