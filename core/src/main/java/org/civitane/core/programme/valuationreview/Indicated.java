package org.civitane.core.programme.valuationreview;

import java.math.BigInteger;
import java.util.Comparator;
import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.reasoning.CodePoints;

/** What the usable comparables say together: their weighted median, exactly. */
final class Indicated {
    private static final long A_HUNDRED = 100;

    private Indicated() {}

    /**
     * The adjusted price at which the running weight, from the lowest up, reaches half of the total; a comparable
     * weighs less the more it had to be adjusted.
     *
     * @param usable at least one
     */
    static Money of(List<Comparison> usable, ValuationReviewPolicy policy) {
        List<Comparison> ascending = usable.stream()
                .sorted(Comparator.comparing(Comparison::adjusted).thenComparing(Comparison::id, CodePoints.ORDER))
                .toList();
        List<BigInteger> weights = ascending.stream()
                .map(comparison -> weight(comparison, ascending, policy))
                .toList();
        BigInteger total = weights.stream().reduce(BigInteger.ZERO, BigInteger::add);
        BigInteger running = BigInteger.ZERO;
        int at = -1;
        do {
            at++;
            running = running.add(weights.get(at));
        } while (running.shiftLeft(1).compareTo(total) < 0);
        return policy.rounded(ascending.get(at).adjusted());
    }

    /** 1 ÷ divisor for each, brought to a common denominator: the product of the divisors of all others. */
    private static BigInteger weight(Comparison of, List<Comparison> all, ValuationReviewPolicy policy) {
        return all.stream()
                .filter(other -> other != of)
                .map(other -> BigInteger.valueOf(
                        A_HUNDRED * policy.weightBase + other.grossPercent().hundredths()))
                .reduce(BigInteger.ONE, BigInteger::multiply);
    }
}
