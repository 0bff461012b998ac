package org.civitane.core.programme.rentarrears;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.Value;

/** What is paid once relief is approved: every month at once, on the business day after, to whoever is the payee. */
final class RentArrearsPayments {
    private RentArrearsPayments() {}

    static List<Consequence> of(Outcome approved, LocalDate decidedOn) {
        LocalDate on = BusinessCalendar.plusBusinessDays(decidedOn, 1);
        Optional<String> to = approved.more().get("payee") instanceof Value.Word(String payee)
                        && payee.equals(RentArrearsRules.Payee.LANDLORD.name())
                ? Optional.of(RentArrears.LANDLORD)
                : Optional.empty();
        return approved.more().get("months") instanceof Value.Row(List<Value> months)
                ? months.stream()
                        .map(month -> (Consequence) pay((Value.Fields) month, on, to))
                        .toList()
                : List.of();
    }

    private static Consequence.Pay pay(Value.Fields paid, LocalDate on, Optional<String> to) {
        if (paid.values().get("month") instanceof Value.Month(YearMonth month)
                && paid.values().get("amount") instanceof Value.Amount(Money amount)) {
            return new Consequence.Pay(month, amount, on, to);
        }
        throw new IllegalStateException("Impossible state: a month that is paid has an amount.");
    }
}
