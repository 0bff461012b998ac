package org.civitane.core.programme.paidleave;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.calendar.Quarter;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.paidleave.PaidLeaveCase.QuarterWages;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/**
 * What was earned in the four whole quarters before the leave, and the weekly benefit it gives.
 *
 * @param quarters the base quarters, oldest first
 * @param suffice whether they pass the wages test
 */
record Wages(List<Quarter> quarters, boolean suffice, Money averageWeek, Money weeklyBenefit) {
    private static final Rule RULE = new Rule(PaidLeave.ID, "Wages");
    private static final int BASE_QUARTERS = 4;

    static Wages of(List<QuarterWages> lines, LocalDate start, PolicyVersion version, Reasoning why) {
        PaidLeavePolicy policy = PaidLeavePolicy.of(version);
        List<Quarter> quarters = baseQuarters(start);
        List<Money> highestFirst = quarters.stream()
                .map(quarter -> earned(quarter, lines, why))
                .sorted(Comparator.reverseOrder())
                .toList();
        Money highest = highestFirst.getFirst();
        Money total = highestFirst.stream().reduce(Money.ZERO, Money::plus);
        boolean suffice = why.holds(
                "wagesTest",
                policy.leastTotalWages.within(total) && policy.leastHighestWages.within(highest),
                RULE,
                s -> s.input("total", total)
                        .input("leastTotal", policy.leastTotalWages)
                        .input("highest", highest)
                        .input("leastHighest", policy.leastHighestWages)
                        .table(version));
        Money second = highestFirst.get(1);
        Money average = why.money(
                "averageWeek",
                highest.plus(second).dividedBy(policy.averageWeeks, Money.CENT, Rounding.HALF_UP),
                RULE,
                s -> s.input("highest", highest).input("second", second).input("weeks", policy.averageWeeks));
        return new Wages(quarters, suffice, average, weeklyBenefit(average, policy, version, why));
    }

    private static List<Quarter> baseQuarters(LocalDate start) {
        Quarter ofStart = Quarter.of(start);
        return IntStream.iterate(BASE_QUARTERS, back -> back > 0, back -> back - 1)
                .mapToObj(ofStart::minus)
                .toList();
    }

    private static Money earned(Quarter quarter, List<QuarterWages> lines, Reasoning why) {
        Money sum = lines.stream()
                .filter(line -> line.quarter().equals(quarter))
                .map(QuarterWages::amount)
                .reduce(Money.ZERO, Money::plus);
        return why.money(
                "quarter", sum, RULE, s -> s.input("quarter", Value.of(quarter)).fact("quarterWages"));
    }

    /** Most of the average up to a point and less of what is above, held between a least and a most. */
    private static Money weeklyBenefit(Money average, PaidLeavePolicy policy, PolicyVersion version, Reasoning why) {
        Money lower = average.limitedTo(policy.lowerShareUpTo);
        Money upper = average.minus(lower);
        Money hundredfold =
                lower.times(policy.lowerShare.hundredths()).plus(upper.times(policy.upperShare.hundredths()));
        Money share = hundredfold.dividedBy(10_000, Money.EURO, Rounding.DOWN);
        Money wholeAverage = average.dividedBy(1, Money.EURO, Rounding.DOWN);
        Money benefit = share.limitedTo(policy.mostWeeklyBenefit)
                .atLeast(policy.leastWeeklyBenefit)
                .limitedTo(wholeAverage);
        return why.money(
                "weeklyBenefit",
                benefit,
                RULE,
                s -> s.input("averageWeek", average)
                        .input("lowerShare", policy.lowerShare)
                        .input("upTo", policy.lowerShareUpTo)
                        .input("upperShare", policy.upperShare)
                        .input("share", share)
                        .input("most", policy.mostWeeklyBenefit)
                        .input("least", policy.leastWeeklyBenefit)
                        .table(version));
    }

    Value names() {
        return new Value.Row(quarters.stream().map(Value::of).toList());
    }
}
