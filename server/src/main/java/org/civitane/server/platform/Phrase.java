package org.civitane.server.platform;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.civitane.core.amount.Money;
import org.civitane.core.fault.Fault;
import org.civitane.core.programme.PaidFor;

/**
 * Something to be said, as a code with its values: it is kept like this and worded by {@link Texts} when it is read, so
 * that it reads in the language of whoever reads it.
 */
public sealed interface Phrase {
    /** Nothing to say. */
    Phrase NOTHING = new Text("");

    /** What the codes of faults begin with. */
    String FAULT = "fault.";

    /** A sentence of {@code messages.properties} with what fills its places {0}, {1} …. */
    record Sentence(String code, List<Phrase> values) implements Phrase {
        public Sentence {
            values = List.copyOf(values);
        }
    }

    /** A text of a programme's own words, with what fills its named places. */
    record Word(String programme, String key, Map<String, Phrase> places) implements Phrase {
        public Word {
            places = Map.copyOf(places);
        }
    }

    /** What is nobody's to translate: a name, the number of a claim, what someone wrote. */
    record Text(String text) implements Phrase {}

    record Count(long number) implements Phrase {}

    /** {@code €1,050.00}. */
    record Amount(Money money) implements Phrase {}

    record Day(LocalDate day, Style style) implements Phrase {
        /** How a day is written: {@link DayText}. */
        public enum Style {
            FULL,
            DATE,
            /** The month that it is in. */
            MONTH
        }
    }

    /** Several one after the other. */
    record Several(List<Phrase> parts, Phrase between) implements Phrase {
        public Several {
            parts = List.copyOf(parts);
        }
    }

    /** The same, beginning with a capital. */
    record Capital(Phrase of) implements Phrase {}

    /** A sentence of {@code messages.properties}. @param values phrases, texts, amounts and numbers */
    static Phrase of(String code, Object... values) {
        return new Sentence(
                code, java.util.Arrays.stream(values).map(Phrase::value).toList());
    }

    /** What is wrong with something that was handed in. */
    static Phrase of(Fault fault) {
        return new Sentence(
                FAULT + fault.code(),
                fault.values().stream()
                        .map(value -> value instanceof Fault part ? of(part) : text(value.toString()))
                        .toList());
    }

    /** {@code the week from 16 November 2026}; a month by its name. */
    static Phrase of(PaidFor time) {
        return switch (time) {
            case PaidFor.Month(var month) -> new Day(month.atDay(1), Day.Style.MONTH);
            case PaidFor.Week(var monday) -> of("paid-for.week", date(monday));
        };
    }

    /** A text of a programme's words. */
    static Phrase word(String programme, String key) {
        return new Word(programme, key, Map.of());
    }

    static Phrase text(String text) {
        return new Text(text);
    }

    /** {@code Thu 3 December}. */
    static Phrase full(LocalDate day) {
        return new Day(day, Day.Style.FULL);
    }

    /** {@code 3 December 2026}. */
    static Phrase date(LocalDate day) {
        return new Day(day, Day.Style.DATE);
    }

    /** Several with the same between each two. */
    static Phrase several(List<? extends Phrase> parts, String between) {
        return new Several(List.copyOf(parts), new Text(between));
    }

    /** Whether there is nothing to say. */
    default boolean isNothing() {
        return equals(NOTHING);
    }

    private static Phrase value(Object value) {
        return switch (value) {
            case Phrase phrase -> phrase;
            case Money money -> new Amount(money);
            case PaidFor time -> of(time);
            case Number number -> new Count(number.longValue());
            case Object text -> new Text(text.toString());
        };
    }
}
