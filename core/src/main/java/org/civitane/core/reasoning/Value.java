package org.civitane.core.reasoning;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.calendar.Quarter;

/** A figure or verdict as a determination and its working carry it. Immutable; equal values are equal results. */
public sealed interface Value {
    /** An amount in euro. */
    record Amount(Money money) implements Value {}

    /** A count or a number of days. */
    record Count(long number) implements Value {}

    /** A word of the rulebook, such as {@code FREE}, or a name. */
    record Word(String text) implements Value {}

    /** A date. */
    record Day(LocalDate date) implements Value {}

    /** A calendar month. */
    record Month(YearMonth month) implements Value {}

    /** A quarter of a calendar year. */
    record QuarterYear(Quarter quarter) implements Value {}

    /** Yes or no. */
    record Flag(boolean holds) implements Value {
        private static final Flag YES = new Flag(true);
        private static final Flag NO = new Flag(false);
    }

    /** A percentage with two decimals, or an exact number written out. */
    record Decimal(BigDecimal number) implements Value {}

    /** A row of values. */
    record Row(List<Value> values) implements Value {
        public Row {
            values = List.copyOf(values);
        }
    }

    /** Values under names, in the order given. */
    record Fields(Map<String, Value> values) implements Value {
        public Fields {
            values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
        }
    }

    /** Known to have no value; only where a chapter says null. */
    record Nothing() implements Value {}

    /** Whether it came to nothing: no amount, no value, an empty row. A count of 0 is an answer. */
    default boolean isNothing() {
        return switch (this) {
            case Amount amount -> amount.money().equals(Money.ZERO);
            case Row row -> row.values().isEmpty();
            case Nothing ignored -> true;
            case Value other -> false;
        };
    }

    static Value of(Money money) {
        return new Amount(money);
    }

    static Value of(long count) {
        return new Count(count);
    }

    static Value of(String word) {
        return new Word(word);
    }

    static Value of(Enum<?> word) {
        return new Word(word.name());
    }

    static Value of(LocalDate day) {
        return new Day(day);
    }

    static Value of(YearMonth month) {
        return new Month(month);
    }

    static Value of(Quarter quarter) {
        return new QuarterYear(quarter);
    }

    static Value of(boolean holds) {
        return holds ? Flag.YES : Flag.NO;
    }

    static Value of(Percent percent) {
        return new Decimal(percent.toDecimal());
    }

    /** A percentage as a result carries it: with two decimals. */
    static Value twoDecimals(Percent percent) {
        return new Decimal(BigDecimal.valueOf(percent.hundredths(), 2));
    }
}
