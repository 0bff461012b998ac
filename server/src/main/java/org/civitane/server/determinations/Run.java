package org.civitane.server.determinations;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reader;
import org.civitane.core.reasoning.Step;
import org.civitane.core.reasoning.Value;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.WholeName;
import org.civitane.server.platform.Phrase;
import tools.jackson.databind.JsonNode;

/** A determination with the people it is about, and words for both. */
public record Run(Determination determination, Programme<?> programme, List<Named> people, Wording wording) {
    /** Someone of the household. @param applies whether it is they who apply */
    public record Named(String id, String given, String full, boolean applies) {}

    static Run of(Determination determination, CaseFile file) {
        return of(determination, file.members().stream().map(Run::named).toList());
    }

    /** @param ranOn the case it ran on, as it was kept */
    static Run of(Determination determination, JsonNode ranOn) {
        return of(
                determination,
                ranOn.path("members").valueStream().map(Run::named).toList());
    }

    private static Run of(Determination determination, List<Named> people) {
        Programme<?> programme = Catalogue.named(determination.programme());
        Map<String, String> names = people.stream().collect(Collectors.toMap(Named::id, Named::given));
        return new Run(
                determination,
                programme,
                people,
                programme.wording(Locale.ENGLISH).naming(names));
    }

    private static Named named(Member member) {
        return new Named(
                member.id(), member.name().given(), member.name().full(), member.relationship() == Relationship.SELF);
    }

    private static Named named(JsonNode member) {
        return new Named(
                member.path("id").asString(""),
                member.path("givenName").asString(""),
                WholeName.of(member),
                member.path("relationship").asString("").equals(Relationship.SELF.name()));
    }

    /** The same, in words as this reader reads them. */
    public Run readBy(Reader reader) {
        return new Run(determination, programme, people, wording.readBy(reader));
    }

    /** The working as sentences, in order. */
    public List<Sentence> working() {
        return determination.reasons().stream()
                .map(step -> Sentence.of(step, wording))
                .toList();
    }

    /**
     * The same without the steps that came to nothing, and those that the programme's words leave out of letters, so that
     * a letter says only what made a difference to its reader.
     */
    public List<Sentence> workingThatCounts() {
        List<String> leftOut = List.of(wording.textOr("letter.leaves-out", "").split(" "));
        return counting(determination.reasons()).stream()
                .filter(step -> !leftOut.contains(step.code()))
                .map(step -> Sentence.of(step, wording))
                .toList();
    }

    private static List<Step> counting(List<Step> steps) {
        return steps.stream()
                .filter(step -> !step.result().isNothing())
                .map(step -> new Step(
                        step.code(),
                        step.rule(),
                        step.policy(),
                        step.inputs(),
                        step.result(),
                        step.facts(),
                        counting(step.steps())))
                .toList();
    }

    /** What an outcome comes to, where the programme has a figure for it: {@code €849.00 a month}. */
    public Optional<Phrase> figureOf(Outcome outcome) {
        String key = "figure." + outcome.result();
        if (!wording.has(key)) {
            return Optional.empty();
        }
        Map<String, Phrase> places = new HashMap<>();
        outcome.more().forEach((name, value) -> places.put(name, phrase(value)));
        return Optional.of(new Phrase.Word(programme.id(), key, places));
    }

    private Phrase phrase(Value value) {
        return switch (value) {
            case Value.Amount amount -> new Phrase.Amount(amount.money());
            case Value.Count count -> new Phrase.Count(count.number());
            case Value.Day day -> Phrase.date(day.date());
            case Value other -> Phrase.text(wording.shown(other));
        };
    }

    /** What a result means, whatever the chapter calls it. */
    public Finding findingOf(Outcome outcome) {
        return programme.findingOf(outcome);
    }

    /** What a member of the household is called; the subject itself when it is no member. */
    public String nameOf(String subject) {
        return people.stream()
                .filter(person -> person.id().equals(subject))
                .map(Named::full)
                .findFirst()
                .orElse(subject);
    }

    /** What the applicant is called. */
    public String applicant() {
        return people.stream()
                .filter(Named::applies)
                .map(Named::full)
                .findFirst()
                .orElseThrow();
    }

    /** Whether each outcome is about one person, and not about the household as a whole. */
    public boolean isAboutPeople() {
        return determination.outcomes().stream()
                .allMatch(outcome ->
                        people.stream().anyMatch(person -> person.id().equals(outcome.subject())));
    }

    /** The names of those whom outcomes are about. */
    public String namesOf(List<Outcome> outcomes) {
        return outcomes.stream().map(outcome -> nameOf(outcome.subject())).collect(Collectors.joining(", "));
    }

    /** How many it is about, in the programme's words: {@code 3 pupils}. */
    public Phrase subjects() {
        int count = isAboutPeople() ? determination.outcomes().size() : people.size();
        String number = count == 0 ? "none" : count == 1 ? "one" : "other";
        String key = wording.has("subjects." + number) ? "subjects." + number : "subjects.other";
        return new Phrase.Word(programme.id(), key, Map.of("count", new Phrase.Count(count)));
    }

    /** The different results, in the order of the outcomes; nothing when there is nobody to decide about. */
    public Phrase headline() {
        return Phrase.several(
                determination.outcomes().stream()
                        .map(Outcome::result)
                        .distinct()
                        .map(result -> word("outcome." + result))
                        .toList(),
                ", ");
    }

    /** Why an outcome is as it is, in the chapter's word for it. */
    public Phrase basisOf(Outcome outcome) {
        return wording.has("basis." + outcome.basis())
                ? word("basis." + outcome.basis())
                : Phrase.text(outcome.basis());
    }

    /** A word of the rulebook, or for {@code code:id} the word and whom it is about. */
    public Phrase wordFor(String code) {
        int colon = code.indexOf(':');
        if (colon > 0) {
            return Phrase.several(List.of(wordFor(code.substring(0, colon)), wordFor(code.substring(colon + 1))), " ");
        }
        return people.stream()
                .filter(person -> person.id().equals(code))
                .map(person -> Phrase.text(person.given()))
                .findFirst()
                .orElseGet(() -> wording.has("word." + code) ? word("word." + code) : Phrase.text(code));
    }

    private Phrase word(String key) {
        return Phrase.word(programme.id(), key);
    }

    /** What a sentence about an outcome may name: its subject, its basis, what it adds, and all figures. */
    public Map<String, String> places(Outcome outcome) {
        Map<String, String> places = new HashMap<>();
        places.put("name", nameOf(outcome.subject()));
        places.put("basis", wording.textOr("basis." + outcome.basis(), outcome.basis()));
        determination.figures().forEach((name, value) -> places.put(name, wording.shown(value)));
        outcome.more().forEach((name, value) -> places.put(name, wording.shown(value)));
        return places;
    }
}
