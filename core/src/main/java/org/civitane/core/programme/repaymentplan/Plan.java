package org.civitane.core.programme.repaymentplan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Instalments;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.amount.Rounding;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/**
 * How it is paid (chapter, Plan).
 *
 * @param first what is paid first
 * @param instalment each of the months; the last takes the cents
 */
record Plan(Money owed, Money first, LocalDate firstDueOn, Money rest, int months, Money instalment, LocalDate from) {
    private static final Rule RULE = new Rule(RepaymentPlan.ID, "Plan");

    private enum Kind {
        FIRST,
        INSTALMENT
    }

    /** @param from the day of the decision, or the received date while there is none */
    static Plan of(
            Money owed, Hundredths firstShare, int months, LocalDate from, PolicyVersion version, Reasoning why) {
        RepaymentPlanPolicy policy = RepaymentPlanPolicy.of(version);
        Percent share = new Percent(firstShare.count());
        Money first = why.money(
                "first",
                owed.percent(share, Money.EURO, Rounding.UP).limitedTo(owed),
                RULE,
                s -> s.input("percent", share).input("owed", owed).fact("firstShare"));
        LocalDate firstDueOn = why.day(
                "firstDueOn",
                BusinessCalendar.plusBusinessDays(from, policy.firstDueDays),
                RULE,
                s -> s.input("days", policy.firstDueDays)
                        .input("from", Value.of(from))
                        .table(version));
        Money rest = owed.minus(first);
        Money instalment = why.money(
                "instalment",
                Instalments.each(rest, months),
                RULE,
                s -> s.input("rest", rest).input("months", months).fact("months"));
        return new Plan(owed, first, firstDueOn, rest, months, instalment, from);
    }

    /** Whether a month leaves enough for an instalment. */
    boolean fits(Money surplus) {
        return rest.equals(Money.ZERO) || instalment.within(surplus);
    }

    /** Every payment in its order, with what is left after it; one that would be nothing is left out. */
    Value schedule() {
        List<Value> entries = new ArrayList<>();
        Money left = owed;
        if (first.isPositive()) {
            left = left.minus(first);
            entries.add(entry(Kind.FIRST, firstDueOn, first, left));
        }
        int n = 0;
        for (Money amount : Instalments.of(rest, months)) {
            n++;
            if (amount.isPositive()) {
                left = left.minus(amount);
                LocalDate due =
                        BusinessCalendar.rolledForward(from.plusMonths(n + 1L).withDayOfMonth(1));
                entries.add(entry(Kind.INSTALMENT, due, amount, left));
            }
        }
        return new Value.Row(entries);
    }

    private static Value entry(Kind kind, LocalDate dueOn, Money amount, Money left) {
        return new Value.Fields(Figures.builder(4)
                .add("kind", kind)
                .add("dueOn", dueOn)
                .add("amount", amount)
                .add("left", left)
                .build());
    }
}
