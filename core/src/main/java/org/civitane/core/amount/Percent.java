package org.civitane.core.amount;

import java.math.BigDecimal;
import org.civitane.core.fault.Fault;
import org.civitane.core.fault.Unreadable;

/**
 * A percentage, exact to a hundredth of a percent.
 *
 * @param hundredths 125 % is 12500, 0.4 % is 40
 */
public record Percent(long hundredths) {
    /**
     * Reads {@code "125"} or {@code "1.12"}.
     *
     * @throws IllegalArgumentException when the text is no number or has more than two decimals
     */
    public static Percent parse(String text) {
        try {
            return new Percent(new BigDecimal(text).movePointRight(2).longValueExact());
        } catch (NumberFormatException | ArithmeticException e) {
            throw new Unreadable(Fault.of("percentage", text));
        }
    }

    /** The number with as many decimals as it needs. */
    public BigDecimal toDecimal() {
        if (hundredths % 100 == 0) {
            return BigDecimal.valueOf(hundredths / 100);
        }
        return hundredths % 10 == 0 ? BigDecimal.valueOf(hundredths / 10, 1) : BigDecimal.valueOf(hundredths, 2);
    }

    /** The shortest exact form: {@code "125"}, {@code "1.12"}. */
    @Override
    public String toString() {
        return toDecimal().toPlainString();
    }
}
