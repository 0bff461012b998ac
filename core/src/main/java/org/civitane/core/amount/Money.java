package org.civitane.core.amount;

import org.civitane.core.fault.Fault;
import org.civitane.core.fault.Unreadable;

/**
 * An amount in euro, exact to the cent; it may be negative. Immutable. Every operation that could leave a fraction of
 * a cent asks for a {@link Rounding} (rulebook 0.1).
 *
 * @param cents the amount in cents: 512.00 is 51200
 */
public record Money(long cents) implements Comparable<Money> {
    public static final Money ZERO = new Money(0);
    /** One whole euro, the unit that many rules round to. */
    public static final Money EURO = new Money(100);
    /** One cent. */
    public static final Money CENT = new Money(1);

    private static final int MOST_WHOLE_DIGITS = 12;

    /** {@code ofEuros(25)} is 25.00. */
    public static Money ofEuros(long euros) {
        return new Money(Math.multiplyExact(euros, 100));
    }

    /** {@code ofCents(2550)} is 25.50. */
    public static Money ofCents(long cents) {
        return new Money(cents);
    }

    /**
     * Reads {@code "512"}, {@code "512.5"}, {@code "512.00"} or {@code "-120.50"}.
     *
     * @throws IllegalArgumentException when the text is not such an amount, has more than two decimals, or more than
     *     twelve digits before the point
     */
    public static Money parse(String text) {
        int at = text.startsWith("-") ? 1 : 0;
        int point = text.indexOf('.');
        int wholeEnd = point < 0 ? text.length() : point;
        int decimals = point < 0 ? 0 : text.length() - point - 1;
        boolean shaped = wholeEnd > at
                && (point < 0 || decimals > 0)
                && digits(text, at, wholeEnd)
                && digits(text, wholeEnd + 1, text.length());
        if (!shaped) {
            throw new Unreadable(Fault.of("amount", shortened(text)));
        }
        if (decimals > 2) {
            throw new Unreadable(Fault.of("amount-decimals", shortened(text), decimals));
        }
        if (wholeEnd - at > MOST_WHOLE_DIGITS) {
            throw new Unreadable(Fault.of("amount-digits", MOST_WHOLE_DIGITS));
        }
        long cents = 0;
        for (int i = at; i < text.length(); i++) {
            if (i != point) {
                cents = cents * 10 + (text.charAt(i) - '0');
            }
        }
        for (int i = decimals; i < 2; i++) {
            cents *= 10;
        }
        return new Money(at == 1 ? -cents : cents);
    }

    public Money plus(Money other) {
        if (other.cents == 0) {
            return this;
        }
        return cents == 0 ? other : new Money(Math.addExact(cents, other.cents));
    }

    public Money minus(Money other) {
        return other.cents == 0 ? this : new Money(Math.subtractExact(cents, other.cents));
    }

    public Money times(long factor) {
        return factor == 1 ? this : new Money(Math.multiplyExact(cents, factor));
    }

    /** {@code this × numerator ÷ denominator}, rounded once to a multiple of {@code unit}. */
    public Money share(long numerator, long denominator, Money unit, Rounding rounding) {
        if (cents == 0) {
            return this;
        }
        long units = rounding.multiplyDivide(cents, numerator, Math.multiplyExact(denominator, unit.cents));
        return unit.times(units);
    }

    /** {@code this ÷ denominator}, rounded once to a multiple of {@code unit}. */
    public Money dividedBy(long denominator, Money unit, Rounding rounding) {
        return share(1, denominator, unit, rounding);
    }

    /** This share of the amount, rounded once to a multiple of {@code unit}. */
    public Money percent(Percent percent, Money unit, Rounding rounding) {
        return share(percent.hundredths(), 10_000, unit, rounding);
    }

    public Money atLeast(Money least) {
        return cents < least.cents ? least : this;
    }

    public Money limitedTo(Money most) {
        return cents > most.cents ? most : this;
    }

    /** Whether this is the limit or under it. */
    public boolean within(Money limit) {
        return cents <= limit.cents;
    }

    public boolean over(Money limit) {
        return cents > limit.cents;
    }

    public boolean isNegative() {
        return cents < 0;
    }

    public boolean isPositive() {
        return cents > 0;
    }

    @Override
    public int compareTo(Money other) {
        return Long.compare(cents, other.cents);
    }

    /** As case files carry it: {@code "512.00"}, with two decimals and no grouping. */
    @Override
    public String toString() {
        long absolute = Math.abs(cents);
        long rest = absolute % 100;
        return (cents < 0 ? "-" : "") + absolute / 100 + (rest < 10 ? ".0" : ".") + rest;
    }

    private static boolean digits(String text, int from, int to) {
        for (int i = from; i < to; i++) {
            if (text.charAt(i) < '0' || text.charAt(i) > '9') {
                return false;
            }
        }
        return true;
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 40) + "…";
    }
}
