package org.civitane.core.programme;

import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** Income of a whole household, line by line (rulebook 0.1 and 0.2). */
public final class CountedIncome {
    private CountedIncome() {}

    /**
     * The annual figure of all counted lines of all members, exact.
     *
     * @param code of the step below which each line stands
     */
    public static Money annual(String code, List<IncomeLine> lines, Rule rule, Reasoning why) {
        Reasoning each = why.below(code, rule);
        Money sum = Money.ZERO;
        for (IncomeLine line : lines) {
            if (line.kind().counts()) {
                sum = sum.plus(Lines.counted("incomeLine", line, line.countedAnnual(), rule, each));
            } else {
                Lines.leftOut("incomeLineOut", line, rule, each);
            }
        }
        each.concluded(Value.of(sum), s -> {});
        return sum;
    }
}
