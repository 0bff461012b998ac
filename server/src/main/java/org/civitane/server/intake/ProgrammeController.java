package org.civitane.server.intake;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Programme;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.determinations.Run;
import org.civitane.server.determinations.Sentence;
import org.civitane.server.forms.Asked;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What there is to apply for, what it asks, and the five-question check. Anyone may look. */
@RestController
class ProgrammeController {
    private final Determinations determinations;
    private final AgencyClock clock;

    ProgrammeController(Determinations determinations, AgencyClock clock) {
        this.determinations = determinations;
        this.clock = clock;
    }

    record Offer(String id, String name, String purpose, String askFor, List<String> atHand) {}

    record Part(String id, String title, String intro, List<Asked> questions) {}

    record Form(Offer offer, List<Part> chapters, List<Asked> screening, boolean asksSignerNumber) {}

    record Screening(@NotNull @Size(max = 10) Map<@Size(max = 40) String, @Size(max = 40) String> answers) {}

    record Screened(String result, String sentence, List<String> reasons) {}

    @GetMapping("/api/programmes")
    List<Offer> programmes() {
        return Catalogue.programmes().stream()
                .filter(programme -> programme.form().isPresent())
                .map(ProgrammeController::offer)
                .toList();
    }

    @GetMapping("/api/programmes/{id}")
    Form form(@PathVariable String id) {
        Programme<?> programme = find(id);
        OnlineForm<?> form = formOf(programme);
        Wording wording = programme.wording(Locale.ENGLISH);
        List<Part> chapters = form.chapters().stream()
                .map(chapter -> new Part(
                        chapter.id(),
                        wording.text("chapter." + chapter.id() + ".title"),
                        wording.text("chapter." + chapter.id() + ".intro"),
                        chapter.questions().stream()
                                .map(question -> Asked.of(question, "question.", wording))
                                .toList()))
                .toList();
        List<Asked> screening = form.screening().stream()
                .map(question -> Asked.of(question, "screening.", wording))
                .toList();
        return new Form(
                offer(programme),
                chapters,
                screening,
                form.signing().stream().anyMatch(asked -> asked.widget() == Question.Widget.LAST_FOUR));
    }

    @PostMapping("/api/programmes/{id}/screening")
    Screened screen(@PathVariable String id, @RequestBody @Valid Screening wish) {
        return screen(find(id), wish.answers());
    }

    private <C extends CaseFile> Screened screen(Programme<C> programme, Map<String, String> answers) {
        try {
            C sketch = formOf(programme).sketch(answers, clock.localNow());
            Run run = determinations.run(new CaseFiles.Read<>(programme, sketch));
            String result = run.determination().outcomes().stream()
                    .map(Outcome::result)
                    .findFirst()
                    .orElse("NONE");
            List<String> reasons = run.working().stream()
                    .filter(sentence -> formOf(programme).saidInScreening().contains(sentence.code()))
                    .map(Sentence::text)
                    .toList();
            return new Screened(result, run.wording().text("screening.result." + result), reasons);
        } catch (InvalidFact e) {
            throw Problem.invalid(e.pointer().substring(1), Phrase.of(e.fault()));
        }
    }

    private static Offer offer(Programme<?> programme) {
        Wording wording = programme.wording(Locale.ENGLISH);
        List<String> atHand = new ArrayList<>();
        for (int i = 1; !wording.textOr("atHand." + i, "").isEmpty(); i++) {
            atHand.add(wording.text("atHand." + i));
        }
        return new Offer(programme.id(), wording.text("name"), wording.text("purpose"), wording.text("askFor"), atHand);
    }

    private static <C extends CaseFile> OnlineForm<C> formOf(Programme<C> programme) {
        return programme.form().orElseThrow(() -> Problem.notFound(Phrase.of("problem.not-online")));
    }

    private static Programme<?> find(String id) {
        return Catalogue.find(id).orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-programme")));
    }
}
