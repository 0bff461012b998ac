package org.civitane.core.programme.paidleave;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Collections;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.paidleave.PaidLeaveCase.OtherIncome;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Withhold;
import org.civitane.core.reasoning.Value;
import org.testng.annotations.Test;

/** What must hold for any leave. */
public class PaidLeavePropertiesTest {
    private static final LocalDate DAY = LocalDate.of(2026, 9, 1);

    @Test
    public void theWorkingChangesNothingAndReadsInSentences() {
        Random random = new Random(1);
        for (int i = 0; i < 1_000; i++) {
            Determined.checkWorking(new PaidLeave(), any(random).file());
        }
    }

    @Test
    public void agreesWithASecondWritingOfTheChapter() {
        Random random = new Random(5);
        Set<String> outcomes = new HashSet<>();
        for (int i = 0; i < 20_000; i++) {
            PaidLeaveCase file = any(random).file();
            Determination determination = Determined.silently(new PaidLeave(), file);
            Map<String, String> expected = SecondWriting.of(file);
            outcomes.add(expected.get("outcome"));
            expected.forEach((name, value) -> assertThat(
                            switch (name) {
                                case "outcome" -> Determined.outcome(determination);
                                case "to", "total", "payments" -> Determined.more(determination, name);
                                default -> Determined.figure(determination, name);
                            })
                    .as(() -> name + " of " + file)
                    .isEqualTo(value));
        }
        assertThat(outcomes).hasSize(5);
    }

    @Test
    public void theTotalIsTheSumOfTheWeeksAndEachWeekOfItsParts() {
        Random random = new Random(2);
        for (int i = 0; i < 2_000; i++) {
            Determination determination = any(random).determined();
            Value payments = determination.outcomes().getFirst().more().get("payments");
            if (payments instanceof Value.Row row) {
                long total = 0;
                for (Value week : row.values()) {
                    long payable = cents(week, "payable");
                    total += payable;
                    assertThat(payable)
                            .isEqualTo(cents(week, "gross") - cents(week, "offset") - cents(week, "reduction"));
                    assertThat(cents(week, "net"))
                            .isEqualTo(payable - cents(week, "national") - cents(week, "regional"));
                    assertThat(payable).isNotNegative();
                }
                assertThat(Determined.more(determination, "total"))
                        .isEqualTo(Money.ofCents(total).toString());
            }
        }
    }

    @Test
    public void moreFromTheEmployerNeverRaisesTheTotal() {
        Random random = new Random(3);
        for (int i = 0; i < 2_000; i++) {
            Leave leave = any(random);
            long before = total(leave.determined());
            leave.gets(OtherIncome.Kind.EMPLOYER_TOP_UP, "75.50", "2026-09-01", "2026-12-01");
            assertThat(total(leave.determined())).isLessThanOrEqualTo(before);
        }
    }

    @Test
    public void theOrderOfLinesNeverMatters() {
        Random random = new Random(4);
        for (int i = 0; i < 1_000; i++) {
            Leave leave = any(random);
            Determination before = leave.determined();
            Collections.shuffle(leave.wages.orElseThrow(), random);
            Collections.shuffle(leave.others, random);
            Collections.shuffle(leave.prior, random);
            leave.absences.ifPresent(list -> Collections.shuffle(list, random));
            assertThat(leave.determined()).isEqualTo(before);
        }
    }

    private static Leave any(Random random) {
        Leave leave = new Leave();
        for (DayOfWeek day : DayOfWeek.values()) {
            if (random.nextInt(4) == 0) {
                leave.schedule.put(day, new Hundredths(random.nextInt(1_000)));
            }
        }
        leave.from(DAY.plusDays(random.nextInt(30)).toString());
        leave.to(leave.start.orElseThrow().plusDays(random.nextInt(140)).toString());
        switch (random.nextInt(4)) {
            case 0 -> leave.reducedTo(String.valueOf(random.nextInt(45)));
            case 1 -> {
                for (int i = random.nextInt(8); i >= 0; i--) {
                    leave.missed(DAY.plusDays(random.nextInt(90)).toString(), random.nextInt(10) + ".25");
                }
            }
            default -> {}
        }
        for (int i = random.nextInt(3); i > 0; i--) {
            leave.before(
                    DAY.minusDays(random.nextInt(400)).toString(),
                    random.nextInt(8) + ".1",
                    random.nextInt(5) == 0 ? "REFUSED" : "PENDING");
        }
        for (int i = random.nextInt(3); i > 0; i--) {
            LocalDate from = DAY.plusDays(random.nextInt(60));
            leave.gets(
                    OtherIncome.Kind.values()[random.nextInt(4)],
                    random.nextInt(400) + ".37",
                    from.toString(),
                    from.plusDays(random.nextInt(30)).toString());
        }
        leave.told(DAY.plusDays(random.nextInt(40) - 40).toString(), random.nextBoolean());
        leave.withhold = Optional.of(new Withhold(random.nextBoolean(), random.nextBoolean()));
        if (random.nextInt(4) == 0) {
            leave.benefitsBegin = leave.start.map(day -> day.plusDays(random.nextInt(40) - 5L));
        }
        if (random.nextInt(6) == 0) {
            leave.notice = Optional.empty();
        }
        leave.pregnancy = random.nextBoolean();
        leave.reason = Optional.of(PaidLeaveCase.Reason.values()[random.nextInt(4)]);
        if (random.nextInt(3) == 0) {
            leave.earnedOnly("2026Q1", random.nextInt(3_000) + ".50").earned("2026Q1", random.nextInt(600) + ".49");
        }
        return leave.earned("2025Q4", random.nextInt(random.nextBoolean() ? 1_000 : 20_000) + ".05");
    }

    private static long total(Determination determination) {
        Value total = determination.outcomes().getFirst().more().get("total");
        return total instanceof Value.Amount amount ? amount.money().cents() : 0;
    }

    private static long cents(Value week, String name) {
        return week instanceof Value.Fields fields && fields.values().get(name) instanceof Value.Amount amount
                ? amount.money().cents()
                : -1;
    }
}
