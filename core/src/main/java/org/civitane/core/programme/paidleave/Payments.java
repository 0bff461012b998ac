package org.civitane.core.programme.paidleave;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.amount.Rounding;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.paidleave.PaidLeaveCase.OtherIncome;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** Goes through the calendar weeks in order and spends the budget of hours. */
final class Payments {
    private static final Rule RULE = new Rule(PaidLeave.ID, "Payments");
    private static final int DAYS_IN_WEEK = 7;

    private final PaidLeaveCase file;
    private final HoursAway away;
    private final Wages wages;
    private final PolicyVersion version;
    private final PaidLeavePolicy policy;
    private final List<WeekPayment> weeks = new ArrayList<>();
    private boolean reductionDue;
    private LocalDate lastPaidDay = LocalDate.MIN;

    Payments(PaidLeaveCase file, HoursAway away, Wages wages, boolean noticeLate, PolicyVersion version) {
        this.file = file;
        this.away = away;
        this.wages = wages;
        this.reductionDue = noticeLate;
        this.version = version;
        this.policy = PaidLeavePolicy.of(version);
    }

    /** @param budget the parts of hours that may be paid, above 0 and no more than there are */
    void spend(long budget, Reasoning why) {
        file.otherIncome().forEach(other -> takeDown(other, why));
        long left = budget;
        LocalDate monday = LeaveYear.mondayOf(away.from());
        while (left > 0 && !monday.isAfter(away.to())) {
            long payable = 0;
            for (int i = 0; i < DAYS_IN_WEEK && left > 0; i++) {
                LocalDate day = monday.plusDays(i);
                long ofDay = Math.min(left, away.on(day));
                if (ofDay > 0) {
                    lastPaidDay = day;
                    payable += ofDay;
                    left -= ofDay;
                }
            }
            if (payable > 0) {
                weeks.add(pay(monday, payable, why));
            }
            monday = monday.plusDays(DAYS_IN_WEEK);
        }
    }

    List<WeekPayment> weeks() {
        return weeks;
    }

    /** The last day with payable hours. */
    LocalDate lastPaidDay() {
        return lastPaidDay;
    }

    Money total() {
        return weeks.stream().map(WeekPayment::payable).reduce(Money.ZERO, Money::plus);
    }

    private static void takeDown(OtherIncome other, Reasoning why) {
        why.money(
                "otherIncome." + other.kind(),
                other.weeklyAmount(),
                RULE,
                s -> s.input("from", Value.of(other.from()))
                        .input("to", Value.of(other.to()))
                        .fact("otherIncome"));
    }

    private WeekPayment pay(LocalDate monday, long parts, Reasoning why) {
        Reasoning inWeek = why.below("week", RULE);
        boolean otherBenefit = hasOtherBenefit(monday);
        Money gross = otherBenefit ? Money.ZERO : away.share(wages.weeklyBenefit(), parts);
        inWeek.money(
                otherBenefit ? "grossOtherBenefit" : "gross",
                gross,
                RULE,
                s -> s.input("weeklyBenefit", wages.weeklyBenefit())
                        .input("hours", away.inHours(parts))
                        .input("weekHours", away.week()));
        Money offset = offset(monday, gross, inWeek);
        Money reduction = reduction(gross.minus(offset), inWeek);
        Money payable = gross.minus(offset).minus(reduction);
        Money national = withheld("national", isNationalWithheld(), policy.national, payable, inWeek);
        Money regional = withheld("regional", isRegionalWithheld(), policy.regional, payable, inWeek);
        inWeek.concluded(Value.of(payable), s -> s.input("monday", Value.of(monday)));
        return new WeekPayment(
                monday,
                away.inHours(parts),
                gross,
                offset,
                reduction,
                payable,
                national,
                regional,
                payable.minus(national).minus(regional));
    }

    private boolean hasOtherBenefit(LocalDate monday) {
        return file.otherIncome().stream().anyMatch(other -> switch (other.kind()) {
            case UNEMPLOYMENT_BENEFIT, WORK_INJURY_BENEFIT -> isInWeek(other, monday);
            case EMPLOYER_TOP_UP, PRIVATE_INSURANCE -> false;
        });
    }

    /** What benefit and the employer's money together exceed the average week by. */
    private Money offset(LocalDate monday, Money gross, Reasoning why) {
        Money topUp = file.otherIncome().stream()
                .filter(other -> other.kind() == OtherIncome.Kind.EMPLOYER_TOP_UP && isInWeek(other, monday))
                .map(OtherIncome::weeklyAmount)
                .reduce(Money.ZERO, Money::plus);
        Money offset =
                gross.plus(topUp).minus(wages.averageWeek()).atLeast(Money.ZERO).limitedTo(gross);
        if (topUp.isPositive()) {
            why.money(
                    "offset",
                    offset,
                    RULE,
                    s -> s.input("gross", gross)
                            .input("topUp", topUp)
                            .input("averageWeek", wages.averageWeek())
                            .fact("otherIncome"));
        }
        return offset;
    }

    private Money reduction(Money left, Reasoning why) {
        if (!reductionDue || !left.isPositive()) {
            return Money.ZERO;
        }
        reductionDue = false;
        return why.money(
                "reduction",
                left.percent(policy.lateNotice, Money.CENT, Rounding.UP),
                RULE,
                s -> s.input("percent", policy.lateNotice).input("left", left).table(version));
    }

    private Money withheld(String code, boolean chosen, Percent percent, Money payable, Reasoning why) {
        if (!chosen) {
            return Money.ZERO;
        }
        return why.money(
                code,
                payable.percent(percent, Money.CENT, Rounding.HALF_UP),
                RULE,
                s -> s.input("percent", percent).input("payable", payable).fact("withhold", code));
    }

    private boolean isNationalWithheld() {
        return file.withhold().map(PaidLeaveCase.Withhold::national).orElse(false);
    }

    private boolean isRegionalWithheld() {
        return file.withhold().map(PaidLeaveCase.Withhold::regional).orElse(false);
    }

    private static boolean isInWeek(OtherIncome other, LocalDate monday) {
        return other.hasAnyDayIn(monday, monday.plusDays(DAYS_IN_WEEK - 1));
    }
}
