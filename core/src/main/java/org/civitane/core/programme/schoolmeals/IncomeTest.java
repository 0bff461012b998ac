package org.civitane.core.programme.schoolmeals;

import java.util.List;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.amount.Rounding;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.policy.SubsistenceLine;
import org.civitane.core.programme.Lines;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/**
 * Rule 3: the household's income against the limits for free and reduced meals.
 *
 * @param period the period compared: the common frequency of the counted lines, or a year
 * @param counted the counted income in that period
 */
record IncomeTest(Frequency period, Money counted, Money freeLimit, Money reducedLimit) {
    private static final Rule RULE = new Rule("school-meals", "3");

    /** Works out the limits for the counted people and what counts of their income. */
    static IncomeTest of(
            SchoolMealsCase file,
            CountedHousehold household,
            PolicyVersion lineVersion,
            SchoolMealsPolicy policy,
            Reasoning why) {
        List<IncomeLine> lines = countedLines(file, household);
        Frequency period = testPeriod(lines);
        why.step("testPeriod", Value.of(period), RULE, s -> s.input("lines", lines.size()));
        Money line = SubsistenceLine.of(lineVersion).forSize(household.size());
        why.money(
                "subsistenceLine",
                line,
                new Rule("common", "0.4"),
                s -> s.input("householdSize", household.size()).table(lineVersion));
        Money free = limit("freeLimit", line, policy.free(), period, why);
        Money reduced = limit("reducedLimit", line, policy.reduced(), period, why);
        return new IncomeTest(period, countedIncome(file, household, period, why), free, reduced);
    }

    MealsResult result(Reasoning why) {
        if (why.holds(
                "withinFree",
                counted.within(freeLimit),
                RULE,
                s -> s.input("countedIncome", counted)
                        .input("freeLimit", freeLimit)
                        .input("margin", gap(freeLimit))
                        .input("period", period))) {
            return MealsResult.FREE;
        }
        boolean withinReduced = why.holds(
                "withinReduced",
                counted.within(reducedLimit),
                RULE,
                s -> s.input("countedIncome", counted)
                        .input("reducedLimit", reducedLimit)
                        .input("margin", gap(reducedLimit))
                        .input("period", period));
        return withinReduced ? MealsResult.REDUCED : MealsResult.DENIED;
    }

    private Money gap(Money limit) {
        return Money.ofCents(Math.abs(limit.minus(counted).cents()));
    }

    private static List<IncomeLine> countedLines(SchoolMealsCase file, CountedHousehold household) {
        return file.incomes().stream().filter(line -> counts(line, household)).toList();
    }

    private static boolean counts(IncomeLine line, CountedHousehold household) {
        return line.kind().counts() && household.includes(line.member());
    }

    private static Frequency testPeriod(List<IncomeLine> lines) {
        List<Frequency> different =
                lines.stream().map(IncomeLine::frequency).distinct().toList();
        return different.size() == 1 && different.getFirst() != Frequency.QUARTERLY
                ? different.getFirst()
                : Frequency.YEARLY;
    }

    private static Money limit(String code, Money line, Percent percent, Frequency period, Reasoning why) {
        Money annual = line.percent(percent, Money.EURO, Rounding.UP);
        Money limit = annual.dividedBy(period.perYear(), Money.EURO, Rounding.UP);
        return why.money(
                code,
                limit,
                RULE,
                s -> s.input("percent", percent)
                        .input("subsistenceLine", line)
                        .input("annualLimit", annual)
                        .input("period", period));
    }

    private static Money countedIncome(
            SchoolMealsCase file, CountedHousehold household, Frequency period, Reasoning why) {
        Reasoning each = why.below("countedIncome", RULE);
        Money sum = Money.ZERO;
        for (IncomeLine line : file.incomes()) {
            if (counts(line, household)) {
                Money inPeriod = period == Frequency.YEARLY ? line.countedAnnual() : line.countedAmount();
                sum = sum.plus(Lines.counted("incomeLine", line, inPeriod, RULE, each));
            } else {
                Lines.leftOut(line.kind().counts() ? "incomeLineAway" : "incomeLineOut", line, RULE, each);
            }
        }
        each.concluded(Value.of(sum), s -> s.input("period", period));
        return sum;
    }
}
