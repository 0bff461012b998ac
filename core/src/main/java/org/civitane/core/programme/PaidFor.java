package org.civitane.core.programme;

import java.time.LocalDate;
import java.time.YearMonth;

/** The time that money is for: nothing of a claim is paid twice for the same. As text it is what tells it apart. */
public sealed interface PaidFor extends Comparable<PaidFor> {
    /** A calendar month, as text {@code 2026-10}. */
    record Month(YearMonth month) implements PaidFor {
        @Override
        public LocalDate firstDay() {
            return month.atDay(1);
        }

        @Override
        public String toString() {
            return month.toString();
        }
    }

    /** A calendar week, by its Monday, as text {@code 2026-10-05}. */
    record Week(LocalDate monday) implements PaidFor {
        @Override
        public LocalDate firstDay() {
            return monday;
        }

        @Override
        public String toString() {
            return monday.toString();
        }
    }

    LocalDate firstDay();

    @Override
    default int compareTo(PaidFor other) {
        return firstDay().compareTo(other.firstDay());
    }

    /** Reads what {@code toString} wrote. */
    static PaidFor parse(String text) {
        return text.length() == "2026-10".length() ? new Month(YearMonth.parse(text)) : new Week(LocalDate.parse(text));
    }
}
