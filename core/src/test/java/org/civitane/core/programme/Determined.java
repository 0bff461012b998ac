package org.civitane.core.programme;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.regex.Pattern;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.policy.RulebookTables;
import org.civitane.core.reasoning.Reader;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Step;
import org.civitane.core.reasoning.Value;
import org.civitane.core.reasoning.Wording;

/** What tests of every programme ask about a determination. */
public final class Determined {
    private static final Pattern SPOKEN_TO = Pattern.compile("\\b[Yy]ou(r|rs|rself)?\\b");
    private static final Pattern ONE_AS_MANY =
            Pattern.compile("(?<![\\d.,])1 (years|months|weeks|days|hours|people|points|bedrooms|debts)\\b");
    private static final Pattern AS_IN_A_FILE = Pattern.compile("\\b\\d{4}(-\\d{2}(-\\d{2})?|Q\\d)\\b");

    private Determined() {}

    public static <C extends CaseFile> Determination silently(Programme<C> programme, C file) {
        return programme.determine(file, RulebookTables.BOOK, Reasoning.silent());
    }

    /** A value as JSON would carry it, under {@code figures}. */
    public static String figure(Determination determination, String name) {
        return text(determination.figures().get(name));
    }

    /** A value as JSON would carry it, on the only outcome. */
    public static String more(Determination determination, String name) {
        return text(determination.outcomes().getFirst().more().get(name));
    }

    /** {@code RESULT BASIS} of the only outcome. */
    public static String outcome(Determination determination) {
        Outcome outcome = determination.outcomes().getFirst();
        return outcome.result() + " " + outcome.basis();
    }

    /** {@code SUBJECT RESULT BASIS} of an outcome and what the chapter adds, each {@code name value}. */
    public static String told(Outcome outcome) {
        StringBuilder told = new StringBuilder(outcome.subject() + " " + outcome.result() + " " + outcome.basis());
        outcome.more()
                .forEach((name, value) ->
                        told.append(' ').append(name).append(' ').append(text(value)));
        return told.toString();
    }

    /** The working changes nothing, comes out the same twice, and every step of it has its sentence. */
    public static <C extends CaseFile> void checkWorking(Programme<C> programme, C file) {
        Determination silent = silently(programme, file);
        Determination recorded = programme.determine(file, RulebookTables.BOOK, Reasoning.recording());
        assertThat(recorded.outcomes()).isEqualTo(silent.outcomes());
        assertThat(recorded.figures()).isEqualTo(silent.figures());
        assertThat(recorded.missing()).isEqualTo(silent.missing());
        assertThat(recorded.dueBy()).isEqualTo(silent.dueBy());
        assertThat(silent.reasons()).isEmpty();
        assertThat(programme.determine(file, RulebookTables.BOOK, Reasoning.recording()))
                .isEqualTo(recorded);
        Wording wording = programme.wording(Locale.ENGLISH);
        recorded.reasons().forEach(step -> checkSentences(step, wording));
    }

    private static void checkSentences(Step step, Wording wording) {
        checkRead(wording.sentence(step));
        assertThat(wording.readBy(Reader.OFFICE).sentence(step))
                .satisfies(Determined::checkRead)
                .doesNotContainPattern(SPOKEN_TO);
        step.steps().forEach(part -> checkSentences(part, wording));
    }

    /** People read no codes, no figures as a file has them, and one of something is not said as several. */
    private static void checkRead(String sentence) {
        assertThat(sentence)
                .isNotBlank()
                .doesNotContain("{")
                .doesNotContainPattern(ONE_AS_MANY)
                .doesNotContainPattern(AS_IN_A_FILE);
    }

    /** A value as JSON would carry it. */
    public static String text(Value value) {
        return switch (value) {
            case null -> "absent";
            case Value.Amount amount -> amount.money().toString();
            case Value.Count count -> String.valueOf(count.number());
            case Value.Word word -> word.text();
            case Value.Day day -> day.date().toString();
            case Value.Month month -> month.month().toString();
            case Value.QuarterYear quarter -> quarter.quarter().toString();
            case Value.Flag flag -> String.valueOf(flag.holds());
            case Value.Decimal decimal -> decimal.number().toPlainString();
            case Value.Row row ->
                row.values().stream().map(Determined::text).toList().toString();
            case Value.Fields fields ->
                fields.values().values().stream().map(Determined::text).toList().toString();
            case Value.Nothing ignored -> "null";
        };
    }
}
