package org.civitane.server.intake;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Doubt;
import org.civitane.core.programme.Programme;
import org.civitane.core.programme.Status;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.contact.Contacts;
import org.civitane.server.determinations.Run;
import org.civitane.server.forms.Asked;
import org.civitane.server.forms.Questions;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.policies.PolicyStore;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * What cannot stay as it is in an application, or is still lacking, by the chapter that asks for it: so that each can be
 * told on its page, and nothing is told only at signing.
 */
@Component
class DraftFaults {
    private static final String CONTACT = "contact";
    /** What is said when signing. */
    private static final Set<String> SIGNED = Set.of("signature", "signature-name", "signer-number");

    private final PolicyStore policies;
    private final AgencyClock clock;

    DraftFaults(PolicyStore policies, AgencyClock clock) {
        this.policies = policies;
        this.clock = clock;
    }

    /**
     * One fault.
     *
     * @param chapter where it is asked for
     * @param path leads to its field
     * @param label what is asked for there
     * @param sentence what is wrong and what to do
     * @param mayStay whether one can sign as it is
     */
    record DraftFault(String chapter, String path, String label, Phrase sentence, boolean mayStay) {
        private DraftFault thatMayStay() {
            return new DraftFault(chapter, path, label, sentence, true);
        }
    }

    /** All that are known from the answers so far; those of chapters that were not reached yet among them. */
    List<DraftFault> of(Imagined application, JsonNode contact) {
        return Stream.of(
                        cannotStand(application),
                        lacking(application),
                        application.read().stream().flatMap(this::doubtful),
                        inContact(contact),
                        inPost(application, contact))
                .flatMap(faults -> faults)
                .toList();
    }

    private static Stream<DraftFault> cannotStand(Imagined application) {
        return application.fault().stream()
                .filter(fault -> !fault.pointer().isEmpty())
                .flatMap(fault ->
                        fault(application.programme(), fault.pointer().substring(1), Phrase.of(fault.fault()))
                                .stream());
    }

    private static Stream<DraftFault> lacking(Imagined application) {
        Programme<?> programme = application.programme();
        return application.run().stream()
                .filter(run -> run.determination().status() == Status.INCOMPLETE)
                .flatMap(run -> run.determination().missing().stream()
                        .filter(code -> !SIGNED.contains(Lack.codeOf(code)))
                        .filter(code -> isToldHere(programme.lackOf(code)))
                        .flatMap(code ->
                                fault(
                                        programme,
                                        programme.lackOf(code).factOf(code).path(),
                                        sentence(code, run))
                                        .stream()));
    }

    private <C extends CaseFile> Stream<DraftFault> doubtful(CaseFiles.Read<C> read) {
        Wording wording = read.programme().wording(Locale.ENGLISH);
        return read.programme().form().stream()
                .flatMap(form -> form.doubts(read.file(), policies.book()).stream())
                .flatMap(doubt ->
                        fault(read.programme(), doubt.path().path(), words(read.programme(), doubt, wording)).stream())
                .map(DraftFault::thatMayStay);
    }

    private static Phrase words(Programme<?> programme, Doubt doubt, Wording wording) {
        Map<String, Phrase> places = new HashMap<>();
        doubt.figures().forEach((place, value) -> places.put(place, Phrase.text(wording.shown(value))));
        return new Phrase.Word(programme.id(), "doubt." + doubt.code(), places);
    }

    private static boolean isToldHere(Lack lack) {
        return lack.beforehand() || lack.from() == SaidBy.APPLICANT;
    }

    private static Phrase sentence(String code, Run run) {
        Lack lack = run.programme().lackOf(code);
        Wording wording = run.wording();
        String of = Lack.subjectOf(code).isEmpty() || !wording.has("ask." + lack.code() + "-of") ? "" : "-of";
        return Stream.of("missing." + lack.code() + ".beforehand", "ask." + lack.code() + of)
                .filter(wording::has)
                .findFirst()
                .map(key -> (Phrase) new Phrase.Word(
                        run.programme().id(),
                        key,
                        Map.of("name", Phrase.text(run.nameOf(Lack.subjectOf(code))), "what", run.wordFor(code))))
                .orElseGet(() -> new Phrase.Word(run.programme().id(), "ask.other", Map.of("what", run.wordFor(code))));
    }

    private static Optional<DraftFault> fault(Programme<?> programme, String path, Phrase sentence) {
        return Questions.chapterOf(programme, new FactPath(path))
                .map(chapter -> new DraftFault(chapter.id(), path, label(programme, path, chapter), sentence, false));
    }

    /** What the question asks for; of one that is asked of each person what its page asks. */
    private static String label(Programme<?> programme, String path, Chapter chapter) {
        return Questions.askingFor(programme, new FactPath(path))
                .filter(asked -> asked.widget() != Question.Widget.PEOPLE)
                .map(Asked::label)
                .orElseGet(() -> programme.wording(Locale.ENGLISH).text("chapter." + chapter.id() + ".title"));
    }

    /** What is made out and sent needs somewhere to go. */
    private Stream<DraftFault> inPost(Imagined application, JsonNode contact) {
        return application
                .read()
                .flatMap(read -> sent(read, clock.today()))
                .flatMap(sent -> lackingFor(sent, contact))
                .map(part ->
                        new DraftFault(CONTACT, CONTACT + "/" + part, "", Phrase.of("contact.post." + part), false))
                .stream();
    }

    private static <C extends CaseFile> Optional<Consequence.HandOver> sent(CaseFiles.Read<C> read, LocalDate on) {
        return read.programme().handOver(read.file(), on).filter(made -> !made.atTheDesk());
    }

    private static Optional<String> lackingFor(Consequence.HandOver sent, JsonNode contact) {
        String address = sent.abroad() ? "abroad" : "street";
        if (contact.path(address).asString("").isBlank()) {
            return Optional.of(address);
        }
        return contact.path("mayLetter").asBoolean(false) ? Optional.empty() : Optional.of("mayLetter");
    }

    private static Stream<DraftFault> inContact(JsonNode contact) {
        return Contacts.wrongIn(contact).stream()
                .map(part -> new DraftFault(CONTACT, CONTACT + "/" + part, "", Contacts.aboutWrong(part), false));
    }
}
