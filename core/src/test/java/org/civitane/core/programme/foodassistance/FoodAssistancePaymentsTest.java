package org.civitane.core.programme.foodassistance;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Consequence.Pay;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.Value;
import org.testng.annotations.Test;

/** When an approved amount is paid. */
public class FoodAssistancePaymentsTest {
    private static final LocalDate FRIDAY = LocalDate.of(2026, 12, 18);
    private static final LocalDate MONDAY = LocalDate.of(2026, 12, 21);

    @Test
    public void theFirstMonthIsPaidInPartAndWhatIsPastOnTheNextBusinessDay() {
        List<Consequence> following = FoodAssistancePayments.of(approved("57.00"), FRIDAY);
        assertThat(following)
                .startsWith(
                        new Pay(YearMonth.of(2026, 11), Money.parse("57.00"), MONDAY),
                        new Pay(YearMonth.of(2026, 12), Money.parse("291.00"), MONDAY),
                        new Pay(YearMonth.of(2027, 1), Money.parse("291.00"), LocalDate.of(2027, 1, 4)),
                        new Pay(YearMonth.of(2027, 2), Money.parse("291.00"), LocalDate.of(2027, 2, 1)))
                .endsWith(
                        new Pay(YearMonth.of(2027, 10), Money.parse("291.00"), LocalDate.of(2027, 10, 1)),
                        new Consequence.CheckAgain(LocalDate.of(2027, 10, 31)))
                .hasSize(13);
    }

    @Test
    public void aFirstMonthOfNothingIsNotPaid() {
        assertThat(FoodAssistancePayments.of(approved("0.00"), FRIDAY))
                .hasSize(12)
                .startsWith(new Pay(YearMonth.of(2026, 12), Money.parse("291.00"), MONDAY));
    }

    private static Outcome approved(String firstMonth) {
        return new Outcome(
                "household",
                "APPROVED",
                "INCOME",
                Map.of(
                        "benefit",
                        Value.of(Money.parse("291.00")),
                        "firstMonth",
                        Value.of(Money.parse(firstMonth)),
                        "months",
                        Value.of(12),
                        "from",
                        Value.of(LocalDate.of(2026, 11, 25))));
    }
}
