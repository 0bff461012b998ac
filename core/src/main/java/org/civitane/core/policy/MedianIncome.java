package org.civitane.core.policy;

import java.util.List;
import org.civitane.core.amount.Money;

/**
 * The median income, EUR a year by household size (rulebook 0.4).
 *
 * @param bySize for one person and up
 * @param further for each person beyond the row
 */
public record MedianIncome(List<Money> bySize, Money further) {
    public static final String TABLE = "median-income";

    /** Reads the table's version. */
    public static MedianIncome of(PolicyVersion version) {
        return version.view(MedianIncome.class, v -> new MedianIncome(v.row("bySize"), v.money("further")));
    }

    /** The median for a household of {@code size}, at least 1, people. */
    public Money forSize(int size) {
        int beyond = Math.max(0, size - bySize.size());
        return bySize.get(size - beyond - 1).plus(further.times(beyond));
    }
}
