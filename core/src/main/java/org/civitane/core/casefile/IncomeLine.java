package org.civitane.core.casefile;

import java.util.Optional;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.fault.Fault;

/**
 * One line of income.
 *
 * @param id unique among the lines of a case file
 * @param member the id of the member who receives it
 * @param amount before tax, per {@code frequency}; below 0 only for {@code SELF_EMPLOYMENT}
 * @param employer who pays it, for wages
 */
public record IncomeLine(
        String id,
        String member,
        IncomeKind kind,
        @MayBeNegative Money amount,
        Frequency frequency,
        Optional<String> employer) {
    /** @throws InvalidFact when an amount that is no self-employment is below 0 */
    public IncomeLine {
        if (amount.isNegative() && kind != IncomeKind.SELF_EMPLOYMENT) {
            throw new InvalidFact("/amount", Fault.of("loss", amount));
        }
    }

    /** What counts of the amount: all of it, but 0 for a loss (rulebook 0.2). */
    public Money countedAmount() {
        return amount.atLeast(Money.ZERO);
    }

    /** What counts of the annual figure. */
    public Money countedAnnual() {
        return frequency.annual(countedAmount());
    }

    /** This line with another amount and frequency. */
    public IncomeLine with(Money otherAmount, Frequency otherFrequency) {
        return new IncomeLine(id, member, kind, otherAmount, otherFrequency, employer);
    }
}
