package org.civitane.core.income;

import java.time.YearMonth;
import java.util.List;
import org.civitane.core.amount.Money;

/** What the wage register answered. */
public sealed interface WageRegister {
    /** It did not answer. */
    record Unavailable() implements WageRegister {}

    /** What employers reported; several entries for one month are added. */
    record Answer(List<Entry> months) implements WageRegister {
        public Answer {
            months = List.copyOf(months);
        }
    }

    /** What one employer reported for one month. */
    record Entry(String member, String employer, YearMonth month, Money gross) {}

    /** What was reported; nothing when the register did not answer. */
    default List<Entry> entries() {
        return this instanceof Answer answer ? answer.months() : List.of();
    }
}
