package org.civitane.core.amount;

import java.math.BigInteger;

/** An exact part of an amount, in cents; reduced, so that equal parts are equal. */
public record Fraction(BigInteger numerator, BigInteger denominator) implements Comparable<Fraction> {
    public Fraction {
        BigInteger common = numerator.gcd(denominator);
        if (common.signum() != 0 && !common.equals(BigInteger.ONE)) {
            numerator = numerator.divide(common);
            denominator = denominator.divide(common);
        }
    }

    /** A whole amount. */
    public static Fraction of(Money amount) {
        return new Fraction(BigInteger.valueOf(amount.cents()), BigInteger.ONE);
    }

    public Fraction minus(Fraction other) {
        return new Fraction(
                numerator.multiply(other.denominator).subtract(other.numerator.multiply(denominator)),
                denominator.multiply(other.denominator));
    }

    /** @param parts above 0 */
    public Fraction dividedBy(long parts) {
        return new Fraction(numerator, denominator.multiply(BigInteger.valueOf(parts)));
    }

    /** To the cent, a half away from zero; of a part that is 0 or more. */
    public Money halfUp() {
        BigInteger twice = numerator.shiftLeft(1).add(denominator);
        return Money.ofCents(twice.divide(denominator.shiftLeft(1)).longValueExact());
    }

    @Override
    public int compareTo(Fraction other) {
        return numerator.multiply(other.denominator).compareTo(other.numerator.multiply(denominator));
    }
}
