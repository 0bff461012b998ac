package org.civitane.server.intake;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Programme;
import org.civitane.core.question.PaintedDays;
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
    private static final int MONTHS_BACK = 6;
    private static final int MONTHS_AHEAD = 18;

    private final Determinations determinations;
    private final AgencyClock clock;

    ProgrammeController(Determinations determinations, AgencyClock clock) {
        this.determinations = determinations;
        this.clock = clock;
    }

    /** @param toKnow what to know before one begins, and again before one signs */
    record Offer(String id, String name, String purpose, String askFor, List<String> atHand, List<String> toKnow) {}

    record Part(String id, String title, String intro, List<Asked> questions) {}

    /** @param holidays the public holidays about now, which are days like others but good to see */
    record Painting(PaintedDays facts, List<LocalDate> holidays) {}

    /**
     * @param painted what is painted on a calendar as well
     * @param supposing what may be told beside it, only for the figures
     */
    record Form(
            Offer offer,
            List<Part> chapters,
            List<Asked> screening,
            boolean asksSignerNumber,
            Optional<Painting> painted,
            List<Asked> supposing) {}

    record Screening(
            @NotNull @Size(max = 10) Map<@NotNull @Size(max = 40) String, @NotNull @Size(max = 40) String> answers) {}

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
                form.signing().stream().anyMatch(asked -> asked.widget() == Question.Widget.LAST_FOUR),
                form.painted().map(facts -> new Painting(facts, holidays())),
                form.supposing().stream()
                        .map(question -> Asked.of(question, "supposing.", wording))
                        .toList());
    }

    private List<LocalDate> holidays() {
        LocalDate today = clock.today();
        return today.minusMonths(MONTHS_BACK)
                .datesUntil(today.plusMonths(MONTHS_AHEAD))
                .filter(BusinessCalendar::isHoliday)
                .toList();
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
        return new Offer(
                programme.id(),
                wording.text("name"),
                wording.text("purpose"),
                wording.text("askFor"),
                numbered("atHand", wording),
                numbered("toKnow", wording));
    }

    private static List<String> numbered(String key, Wording wording) {
        List<String> texts = new ArrayList<>();
        for (int i = 1; wording.has(key + "." + i); i++) {
            texts.add(wording.text(key + "." + i));
        }
        return texts;
    }

    private static <C extends CaseFile> OnlineForm<C> formOf(Programme<C> programme) {
        return programme.form().orElseThrow(() -> Problem.notFound(Phrase.of("problem.not-online")));
    }

    private static Programme<?> find(String id) {
        return Catalogue.find(id).orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-programme")));
    }
}
