package org.civitane.core.casefile;

import java.util.Optional;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;

/**
 * A regular expense.
 *
 * @param amount per {@code frequency}
 * @param member the id of the member it is for; not given, the applicant
 */
public record Expense(
        ExpenseKind kind,
        Money amount,
        Frequency frequency,
        @WrittenAs("for") Optional<String> member) {
    /** The annual figure, exact. */
    public Money annual() {
        return frequency.annual(amount);
    }
}
