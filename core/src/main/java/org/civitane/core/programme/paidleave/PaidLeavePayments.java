package org.civitane.core.programme.paidleave;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;

/** What is paid once leave is granted: each week with money, once it is over. */
final class PaidLeavePayments {
    private static final int DAYS_AFTER_THE_WEEK = 5;
    /** As a week is worked out, whatever order a kept result has. */
    private static final List<String> ORDER =
            List.of("hours", "gross", "offset", "reduction", "payable", "national", "regional", "net");

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

    /** What each week comes from, by the names of the chapter; a figure that is nothing is left out. */
    static Map<PaidFor, Figures> behind(Outcome granted) {
        Map<PaidFor, Figures> behind = new TreeMap<>();
        if (granted.more().get("payments") instanceof Value.Row(List<Value> weeks)) {
            weeks.forEach(week -> {
                Map<String, Value> row = ((Value.Fields) week).values();
                behind.put(new PaidFor.Week(((Value.Day) row.get("week")).date()), working(row));
            });
        }
        return behind;
    }

    private static Figures working(Map<String, Value> row) {
        Figures.Builder figures = Figures.builder(ORDER.size());
        ORDER.stream()
                .filter(name -> row.containsKey(name) && !row.get(name).isNothing())
                .forEach(name -> figures.add(name, row.get(name)));
        return figures.build();
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
