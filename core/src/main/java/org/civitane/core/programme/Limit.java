package org.civitane.core.programme;

import org.civitane.core.amount.Money;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;

/** Holds a figure against a limit and takes the comparison down, with the margin either way. */
public final class Limit {
    private Limit() {}

    /** Whether the figure is at the limit or under it; its sentences name {@code figure}, {@code limit}, {@code margin}. */
    public static boolean within(String code, Money figure, Money limit, Rule rule, Reasoning why) {
        return why.holds(
                code,
                figure.within(limit),
                rule,
                s -> s.input("figure", figure)
                        .input("limit", limit)
                        .input(
                                "margin",
                                Money.ofCents(Math.abs(limit.minus(figure).cents()))));
    }
}
