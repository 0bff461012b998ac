package org.civitane.core.programme.paidleave;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.reasoning.Value;

/** What is paid once leave is granted: each week with money, once it is over. */
final class PaidLeavePayments {
    private static final int DAYS_AFTER_THE_WEEK = 5;

    private PaidLeavePayments() {}

    /** Each week leaves on the 5th business day after its Sunday, but never before the business day after the decision. */
    static List<Consequence> of(Outcome granted, LocalDate decidedOn) {
        LocalDate soonest = BusinessCalendar.plusBusinessDays(decidedOn, 1);
        return granted.more().get("payments") instanceof Value.Row(List<Value> weeks)
                ? weeks.stream()
                        .map(week -> pay((Value.Fields) week, soonest))
                        .filter(pay -> pay.amount().isPositive())
                        .map(Consequence.class::cast)
                        .toList()
                : List.of();
    }

    private static Consequence.Pay pay(Value.Fields week, LocalDate soonest) {
        if (week.values().get("week") instanceof Value.Day(LocalDate monday)
                && week.values().get("net") instanceof Value.Amount(Money net)) {
            LocalDate usual = BusinessCalendar.plusBusinessDays(monday.plusDays(6), DAYS_AFTER_THE_WEEK);
            return new Consequence.Pay(
                    new PaidFor.Week(monday), net, usual.isBefore(soonest) ? soonest : usual, Optional.empty());
        }
        throw new IllegalStateException("Impossible state: a week that is paid has an amount.");
    }
}
