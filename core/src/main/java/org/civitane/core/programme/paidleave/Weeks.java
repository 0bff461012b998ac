package org.civitane.core.programme.paidleave;

import org.civitane.core.amount.Hundredths;
import org.civitane.core.reasoning.Value;

/** Weeks as a result carries them: with two decimals. */
final class Weeks {
    private Weeks() {}

    static Value of(Hundredths weeks) {
        return new Value.Decimal(weeks.toDecimal());
    }
}
