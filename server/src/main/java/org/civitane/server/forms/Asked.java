package org.civitane.server.forms;

import java.text.Collator;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.occupation.UnitGroup;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.Wording;

/**
 * One question in words, with all that a screen needs to ask it, check what is typed and read it back.
 *
 * @param path where the answer stands: in the case file, or in the record that holds it
 * @param widget what the answer looks like
 * @param options the answers to choose from
 * @param parts what is asked within it
 * @param notOf what people are to the applicant who are not asked it
 */
public record Asked(
        String path,
        Question.Widget widget,
        boolean required,
        String label,
        Optional<String> hint,
        List<Option> options,
        Optional<Condition> when,
        List<Asked> parts,
        Set<Relationship> notOf) {
    /** As many options as one reads through. */
    private static final int READ_THROUGH = 20;

    /**
     * An answer to choose.
     *
     * @param hint what it means, where that is not plain
     * @param week an example: how much of each weekday it takes, Monday first, from 0 to 10; empty where none is drawn
     */
    public record Option(String value, String label, Optional<String> hint, List<Integer> week) {
        static Option of(String path, String option, Wording wording) {
            String key = "option." + path + "." + option;
            String hint = wording.textOr(key + ".hint", "");
            String week = wording.textOr(key + ".week", "");
            return new Option(
                    option,
                    wording.textOr(key, wording.shown(option)),
                    hint.isEmpty() ? Optional.empty() : Optional.of(hint),
                    week.isEmpty()
                            ? List.of()
                            : Stream.of(week.split(",")).map(Integer::valueOf).toList());
        }
    }

    /** Asked only when the answer at {@code path} is one of these. */
    public record Condition(String path, List<String> oneOf) {}

    /** @param prefix of the keys of its texts: {@code question.} or {@code screening.} */
    public static Asked of(Question question, String prefix, Wording wording) {
        String hint = wording.textOr(prefix + question.path() + ".hint", "");
        String within = hasLabelsOfItsOwn(question.widget()) ? prefix + question.path() + "." : prefix;
        return new Asked(
                question.path(),
                question.widget(),
                question.required(),
                wording.text(prefix + question.path() + ".label"),
                hint.isEmpty() ? Optional.empty() : Optional.of(hint),
                options(question, wording),
                question.when().map(when -> new Condition(when.path(), when.oneOf())),
                question.parts().stream().map(part -> of(part, within, wording)).toList(),
                question.notOf());
    }

    private static List<Option> options(Question question, Wording wording) {
        return question.widget() == Question.Widget.OCCUPATION
                ? UnitGroup.all().stream()
                        .map(group -> new Option(group.code(), group.title(), Optional.empty(), List.of()))
                        .toList()
                : inOrder(question.options().stream()
                        .map(option -> Option.of(question.path(), option, wording))
                        .toList());
    }

    /** As the programme tells them; a list so long that one looks for a word in it, such as that of countries, by words. */
    private static List<Option> inOrder(List<Option> options) {
        return options.size() <= READ_THROUGH
                ? options
                : options.stream()
                        .sorted(Comparator.comparing(Option::label, Collator.getInstance(Locale.ENGLISH)))
                        .toList();
    }

    /** Lines and records have labels of their own, since several have a kind, a name or an amount. */
    static boolean hasLabelsOfItsOwn(Question.Widget widget) {
        return switch (widget) {
            case INCOMES, RESOURCES, EXPENSES, ROWS, PERIODS, MONTHS, RECORD -> true;
            default -> false;
        };
    }
}
