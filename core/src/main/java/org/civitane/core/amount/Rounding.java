package org.civitane.core.amount;

import java.math.BigInteger;

/** The three ways in which a rule may round (rulebook 0.1). Nothing else in the core rounds. */
public enum Rounding {
    /** To the nearest; a half goes away from zero. */
    HALF_UP,
    /** Away from zero. */
    UP,
    /** Toward zero. */
    DOWN;

    /**
     * Divides and rounds once.
     *
     * @param dividend any value
     * @param divisor above 0
     * @return the rounded quotient
     */
    public long divide(long dividend, long divisor) {
        long quotient = dividend / divisor;
        long rest = dividend % divisor;
        if (rest == 0) {
            return quotient;
        }
        return roundsAway(Math.abs(rest), divisor) ? quotient + Long.signum(dividend) : quotient;
    }

    /**
     * {@code factor × multiplier ÷ divisor}, rounded once, without overflow on the way.
     *
     * @throws ArithmeticException when the result itself does not fit
     */
    public long multiplyDivide(long factor, long multiplier, long divisor) {
        long high = Math.multiplyHigh(factor, multiplier);
        long low = factor * multiplier;
        if (high == low >> 63) {
            return divide(low, divisor);
        }
        BigInteger[] parts = BigInteger.valueOf(factor)
                .multiply(BigInteger.valueOf(multiplier))
                .divideAndRemainder(BigInteger.valueOf(divisor));
        long quotient = parts[0].longValueExact();
        long rest = parts[1].longValueExact();
        if (rest == 0) {
            return quotient;
        }
        return roundsAway(Math.abs(rest), divisor) ? Math.addExact(quotient, Long.signum(rest)) : quotient;
    }

    private boolean roundsAway(long absoluteRest, long divisor) {
        return switch (this) {
            case UP -> true;
            case DOWN -> false;
            case HALF_UP -> absoluteRest >= divisor - absoluteRest;
        };
    }
}
