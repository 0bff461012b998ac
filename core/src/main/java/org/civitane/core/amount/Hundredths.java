package org.civitane.core.amount;

import java.math.BigDecimal;
import org.civitane.core.fault.Fault;
import org.civitane.core.fault.Unreadable;

/**
 * A number of hours or weeks, 0 or more, exact to a hundredth.
 *
 * @param count how many hundredths: 7.5 is 750
 */
public record Hundredths(long count) implements Comparable<Hundredths> {
    public static final Hundredths ZERO = new Hundredths(0);

    /**
     * Reads {@code "8"}, {@code "7.5"} or {@code "7.50"}.
     *
     * @throws IllegalArgumentException when the text is no such number, has more than two decimals or is below 0
     */
    public static Hundredths parse(String text) {
        long cents;
        try {
            cents = Money.parse(text).cents();
        } catch (IllegalArgumentException e) {
            throw new Unreadable(Fault.of("two-decimals"));
        }
        if (cents < 0) {
            throw new Unreadable(Fault.of("below-zero", text));
        }
        return new Hundredths(cents);
    }

    public Hundredths plus(Hundredths other) {
        return new Hundredths(Math.addExact(count, other.count));
    }

    /** The difference, but 0 when it would lie below. */
    public Hundredths lessDownToZero(Hundredths other) {
        return new Hundredths(Math.max(0, count - other.count));
    }

    /** The lesser of the two. */
    public Hundredths limitedTo(Hundredths most) {
        return count > most.count ? most : this;
    }

    @Override
    public int compareTo(Hundredths other) {
        return Long.compare(count, other.count);
    }

    /** With its two decimals: 7.50. */
    public BigDecimal toDecimal() {
        return BigDecimal.valueOf(count, 2);
    }

    @Override
    public String toString() {
        return toDecimal().toPlainString();
    }
}
