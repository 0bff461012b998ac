package org.civitane.core.programme.foodassistance;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.Value;

/**
 * When an approved amount is paid (rulebook, food assistance, Amount): the month of receipt in part, then each month of
 * the award in full, on its first business day; what is past when it is decided, on the business day after.
 */
final class FoodAssistancePayments {
    private FoodAssistancePayments() {}

    static List<Consequence> of(Outcome approved, LocalDate decidedOn) {
        if (!(approved.more().get("from") instanceof Value.Day from)
                || !(approved.more().get("months") instanceof Value.Count months)
                || !(approved.more().get("benefit") instanceof Value.Amount benefit)
                || !(approved.more().get("firstMonth") instanceof Value.Amount first)) {
            throw new IllegalStateException("Impossible state: what is approved has an amount and a time.");
        }
        LocalDate earliest = BusinessCalendar.plusBusinessDays(decidedOn, 1);
        YearMonth begin = YearMonth.from(from.date());
        List<Consequence> following = new ArrayList<>();
        for (int i = 0; i < months.number(); i++) {
            YearMonth month = begin.plusMonths(i);
            Money amount = i == 0 ? first.money() : benefit.money();
            LocalDate usual = BusinessCalendar.rolledForward(month.atDay(1));
            if (amount.isPositive()) {
                following.add(new Consequence.Pay(month, amount, usual.isBefore(earliest) ? earliest : usual));
            }
        }
        following.add(new Consequence.CheckAgain(
                begin.plusMonths(months.number()).atDay(1).minusDays(1)));
        return List.copyOf(following);
    }
}
