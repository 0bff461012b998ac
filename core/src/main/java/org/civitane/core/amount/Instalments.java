package org.civitane.core.amount;

import java.util.ArrayList;
import java.util.List;

/** Paying an amount in parts that add up to it, to the cent. */
public final class Instalments {
    private Instalments() {}

    /** Equal parts, each down to the cent; the first takes what that leaves over as well. @param parts above 0 */
    public static List<Money> firstTakesTheRest(Money amount, int parts) {
        Money each = amount.dividedBy(parts, Money.CENT, Rounding.DOWN);
        List<Money> all = new ArrayList<>();
        all.add(amount.minus(each.times(parts - 1L)));
        for (int i = 1; i < parts; i++) {
            all.add(each);
        }
        return all;
    }

    /** What each part is before the cents are settled: the amount shared alike, half up to the cent. @param parts above 0 */
    public static Money each(Money amount, int parts) {
        return amount.dividedBy(parts, Money.CENT, Rounding.HALF_UP);
    }

    /**
     * The parts in their order: each as {@link #each}, or what is left if that is less; the last is what is left, some
     * cents more or less than the others. Parts of nothing stand where they fall.
     *
     * @param amount 0 or more
     */
    public static List<Money> of(Money amount, int parts) {
        Money each = each(amount, parts);
        List<Money> all = new ArrayList<>();
        Money left = amount;
        for (int i = 1; i < parts; i++) {
            Money part = each.limitedTo(left);
            all.add(part);
            left = left.minus(part);
        }
        all.add(left);
        return all;
    }
}
