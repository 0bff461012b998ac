package org.civitane.core.amount;

import java.util.Collection;

/** How often an amount comes, and how many there are in a year (rulebook 0.1). */
public enum Frequency {
    WEEKLY(52),
    FORTNIGHTLY(26),
    TWICE_MONTHLY(24),
    MONTHLY(12),
    QUARTERLY(4),
    YEARLY(1);

    private final int perYear;

    Frequency(int perYear) {
        this.perYear = perYear;
    }

    public int perYear() {
        return perYear;
    }

    /** The annual figure of a line: amount × per year, exact. */
    public Money annual(Money amount) {
        return amount.times(perYear);
    }

    /** The monthly figure of annual figures: their sum ÷ 12, rounded half up to the cent once (rulebook 0.1). */
    public static Money monthly(Collection<Money> annualFigures) {
        return monthly(annualFigures.stream().reduce(Money.ZERO, Money::plus));
    }

    /** The monthly figure of an annual sum: ÷ 12, half up to the cent. */
    public static Money monthly(Money annualSum) {
        return annualSum.dividedBy(12, Money.CENT, Rounding.HALF_UP);
    }
}
