package org.civitane.core.programme.repaymentplan;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.repaymentplan.RepaymentPlanCase.Cost;
import org.civitane.core.programme.repaymentplan.RepaymentPlanCase.Debt;
import org.civitane.core.programme.repaymentplan.RepaymentPlanCase.DebtKind;
import org.civitane.core.programme.repaymentplan.RepaymentPlanCase.Reason;
import org.civitane.core.programme.repaymentplan.RepaymentPlanCase.Review;
import org.civitane.core.reasoning.Value;
import org.testng.annotations.Test;

/** Plans for any debt, beside a second writing of the chapter in decimal numbers. */
public class RepaymentPlanPropertiesTest {
    private static final LocalDateTime AT = LocalDateTime.of(2026, 11, 25, 10, 0);
    private static final LocalDate RECEIVED = AT.toLocalDate();

    @Test
    public void agreesWithASecondWritingAndEndsAtExactlyZero() {
        Random random = new Random(13);
        Set<String> outcomes = new HashSet<>();
        for (int i = 0; i < 20_000; i++) {
            RepaymentPlanCase file = file(random);
            Determination determination = Determined.silently(new RepaymentPlan(), file);
            outcomes.add(Determined.outcome(determination));
            BigDecimal owed = owed(file);
            assertThat(Determined.figure(determination, "owed")).isEqualTo(owed.toPlainString());
            BigDecimal first = owed.multiply(file.firstShare().orElseThrow().toDecimal())
                    .movePointLeft(2)
                    .setScale(0, RoundingMode.UP)
                    .min(owed)
                    .setScale(2, RoundingMode.UNNECESSARY);
            assertThat(Determined.figure(determination, "first")).isEqualTo(first.toPlainString());
            BigDecimal rest = owed.subtract(first);
            BigDecimal each = rest.divide(BigDecimal.valueOf(file.months().orElseThrow()), 2, RoundingMode.HALF_UP);
            assertThat(Determined.figure(determination, "instalment")).isEqualTo(each.toPlainString());
            if (determination.outcomes().getFirst().more().get("schedule") instanceof Value.Row schedule) {
                check(schedule, owed, each, file);
            }
        }
        assertThat(outcomes)
                .containsExactlyInAnyOrder(
                        "DENIED NOTHING_DUE",
                        "DENIED IN_PLAN",
                        "DENIED MEANS",
                        "APPROVED MEANS",
                        "APPROVED REVIEW",
                        "REVIEW MEANS");
    }

    private static void check(Value.Row schedule, BigDecimal owed, BigDecimal each, RepaymentPlanCase file) {
        BigDecimal left = owed;
        LocalDate before = LocalDate.MIN;
        for (Value entry : schedule.values()) {
            Value.Fields fields = (Value.Fields) entry;
            BigDecimal amount = new BigDecimal(text(fields, "amount"));
            assertThat(amount).isPositive();
            left = left.subtract(amount);
            assertThat(text(fields, "left")).isEqualTo(left.toPlainString());
            LocalDate due = ((Value.Day) fields.values().get("dueOn")).date();
            assertThat(due).isAfter(before);
            assertThat(BusinessCalendar.isBusinessDay(due)).isTrue();
            before = due;
        }
        assertThat(left).isEqualByComparingTo(BigDecimal.ZERO);
        assertThat(schedule.values()).hasSizeLessThanOrEqualTo(1 + file.months().orElseThrow());
    }

    private static String text(Value.Fields fields, String name) {
        return ((Value.Amount) fields.values().get(name)).money().toString();
    }

    private static BigDecimal owed(RepaymentPlanCase file) {
        BigDecimal owed = BigDecimal.ZERO.setScale(2);
        for (Debt debt : file.debts().orElseThrow()) {
            if (debt.kind() == file.kind().orElseThrow() && debt.answer().equals(Optional.of(Debt.Answer.CONFIRMED))) {
                BigDecimal amount = new BigDecimal(debt.amount().toString());
                long days = debt.interestFrom()
                        .map(from -> ChronoUnit.DAYS.between(from, RECEIVED))
                        .orElse(0L);
                BigDecimal interest = days <= 0
                        ? BigDecimal.ZERO
                        : amount.multiply(new BigDecimal("0.045"))
                                .multiply(BigDecimal.valueOf(days))
                                .divide(BigDecimal.valueOf(365), 2, RoundingMode.HALF_UP);
                owed = owed.add(amount).add(interest);
            }
        }
        return owed;
    }

    private static RepaymentPlanCase file(Random random) {
        List<Debt> debts = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            debts.add(new Debt(
                    "d" + i,
                    DebtKind.values()[random.nextInt(2)],
                    Money.ofCents(random.nextInt(5) == 0 ? random.nextInt(40) : random.nextInt(900_000)),
                    RECEIVED.minusDays(random.nextInt(300)),
                    random.nextBoolean()
                            ? Optional.of(RECEIVED.minusDays(random.nextInt(800) - 50L))
                            : Optional.empty(),
                    random.nextInt(12) == 0,
                    Optional.of(Debt.Answer.values()[random.nextInt(2)])));
        }
        YearMonth month = YearMonth.from(RECEIVED);
        Optional<Review> review =
                random.nextInt(3) == 0 ? Optional.empty() : Optional.of(Review.values()[random.nextInt(2)]);
        return new RepaymentPlanCase(
                AT,
                List.of(new Person("m1", "Runa", "Ostby", LocalDate.of(1990, 4, 2), Relationship.SELF)),
                List.of(new IncomeLine(
                        "i1",
                        "m1",
                        IncomeKind.WAGES,
                        Money.ofCents(random.nextInt(200_000)),
                        Frequency.MONTHLY,
                        Optional.empty())),
                List.of(),
                Optional.of(List.of(new Cost(
                        Cost.Kind.RENT, Money.ofCents(random.nextInt(180_000)), Frequency.MONTHLY, Optional.empty()))),
                Optional.of(debts),
                Optional.of(DebtKind.OVERPAYMENT),
                Optional.of(Reason.ILLNESS),
                Optional.of("Ill."),
                Optional.of(2 + random.nextInt(17)),
                Optional.of(new Hundredths(1_500 + random.nextInt(8_501))),
                List.of(month.minusMonths(1), month.minusMonths(2), month.minusMonths(3)),
                true,
                review,
                random.nextBoolean() ? Optional.of(RECEIVED.plusDays(random.nextInt(40))) : Optional.empty(),
                List.of(new Signature("m1", "Runa Ostby", AT)));
    }
}
