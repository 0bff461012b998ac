package org.civitane.core.programme.foodassistance;

import java.util.List;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Resource;
import org.civitane.core.casefile.ResourceKind;
import org.civitane.core.programme.Lines;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/**
 * What the unit has to live on: its own income, its share of what excluded members have, and what can be spent at once.
 */
record Means(Money grossMonthly, Money earnedMonthly, Money liquid) {
    private static final Rule INCOME = new Rule(FoodAssistance.ID, "Income");
    private static final Rule LIMITS = new Rule(FoodAssistance.ID, "Limits");

    static Means of(FoodAssistanceCase file, Unit unit, Reasoning why) {
        Money earned = annual("earnedAnnual", true, file.incomes(), unit, why);
        Money unearned = annual("unearnedAnnual", false, file.incomes(), unit, why);
        Money gross = why.money(
                "grossMonthly",
                Frequency.monthly(earned.plus(unearned)),
                INCOME,
                s -> s.input("earnedAnnual", earned).input("unearnedAnnual", unearned));
        Money earnedMonthly =
                why.money("earnedMonthly", Frequency.monthly(earned), INCOME, s -> s.input("earnedAnnual", earned));
        return new Means(gross, earnedMonthly, liquid(file.resources().orElse(List.of()), unit, why));
    }

    /** Lines of the unit in full, and of what all excluded members have together the unit's share. */
    private static Money annual(String code, boolean earned, List<IncomeLine> lines, Unit unit, Reasoning why) {
        Reasoning each = why.below(code, INCOME);
        Money own = Money.ZERO;
        Money ofExcluded = Money.ZERO;
        for (IncomeLine line : lines) {
            if (line.kind().isEarned() != earned) {
                continue;
            }
            if (!line.kind().counts()) {
                Lines.leftOut("incomeLineOut", line, INCOME, each);
            } else if (unit.includes(line.member())) {
                own = own.plus(Lines.counted("incomeLine", line, line.countedAnnual(), INCOME, each));
            } else if (unit.excludes(line.member())) {
                ofExcluded =
                        ofExcluded.plus(Lines.counted("incomeLineShared", line, line.countedAnnual(), INCOME, each));
            } else {
                Lines.leftOut("incomeLineAway", line, INCOME, each);
            }
        }
        Money share = share(ofExcluded, unit, each);
        Money annual = own.plus(share);
        each.concluded(Value.of(annual), s -> s.input("share", share));
        return annual;
    }

    private static Money share(Money ofExcluded, Unit unit, Reasoning why) {
        if (unit.excluded().isEmpty()) {
            return Money.ZERO;
        }
        int together = unit.size() + unit.excluded().size();
        return why.money(
                "share",
                ofExcluded.share(unit.size(), together, Money.CENT, Rounding.HALF_UP),
                INCOME,
                s -> s.input("ofExcluded", ofExcluded)
                        .input("unitSize", unit.size())
                        .input("together", together));
    }

    private static Money liquid(List<Resource> resources, Unit unit, Reasoning why) {
        Reasoning each = why.below("liquid", LIMITS);
        Money sum = Lines.owned(
                resources,
                resource -> isLiquid(resource.kind())
                        && unit.counts(resource.owner().orElse(unit.applicant())),
                LIMITS,
                each);
        each.concluded(Value.of(sum), s -> s.fact("resources"));
        return sum;
    }

    private static boolean isLiquid(ResourceKind kind) {
        return switch (kind) {
            case CASH, BANK, INVESTMENT -> true;
            case RETIREMENT, HOME, VEHICLE, OTHER_PROPERTY -> false;
        };
    }
}
