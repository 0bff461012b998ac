package org.civitane.core.programme.paidleave;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.policy.RulebookTables;
import org.civitane.core.programme.DayPlan;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.paidleave.PaidLeaveCase.CareProvider;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Employer;
import org.testng.annotations.Test;

/** What worker, employer and care provider say of the days, and what is on record, one above the other. */
public class SideBySideTest {
    @Test
    public void asLongAsNobodyElseSaysOtherwiseThereIsNothingToCompare() {
        assertThat(compared(new Leave())).isEmpty();
        Leave agreed = new Leave();
        agreed.employer = employer("8");
        agreed.careProvider = certified("2026-09-21", "2026-10-04");
        assertThat(compared(agreed)).isEmpty();
    }

    @Test
    public void hoursOfTheEmployerStandBelowThoseOfTheWorkerAndLeadToTheirWeekday() {
        Leave leave = new Leave();
        leave.employer = employer("4.5");
        List<DayPlan.Compared> weeks = compared(leave);
        assertThat(weeks).extracting(week -> week.monday().toString()).containsExactly("2026-09-21", "2026-09-28");
        assertThat(rows(weeks.getFirst())).containsExactly("SAID 8 8 8 8 8 - -", "EMPLOYER 8 8 8 8 4.5!schedule/5 - -");
    }

    @Test
    public void aDayThatIsNotCertifiedLeadsToTheFirstOrTheLastDay() {
        Leave leave = new Leave();
        leave.careProvider = certified("2026-09-22", "2026-10-01");
        List<DayPlan.Compared> weeks = compared(leave);
        assertThat(rows(weeks.getFirst()).getLast()).isEqualTo("PROVIDER false!start true true true true true true");
        assertThat(rows(weeks.getLast()).getLast()).isEqualTo("PROVIDER true true true true false!end false false");
    }

    @Test
    public void weeksInWhichAllSayTheSameAreLeftOut() {
        Leave leave = new Leave().to("2026-10-11");
        leave.careProvider = certified("2026-09-21", "2026-10-09");
        assertThat(compared(leave)).isEmpty();
        leave.careProvider = certified("2026-09-21", "2026-10-08");
        assertThat(compared(leave)).extracting(week -> week.monday().toString()).containsExactly("2026-10-05");
    }

    @Test
    public void otherLeaveOfTheirsStandsBelow() {
        Leave leave = new Leave().before("2026-09-17", "1.00", "APPROVED");
        leave.careProvider = certified("2026-09-22", "2026-10-04");
        assertThat(rows(compared(leave).getFirst()).getLast()).isEqualTo("RECORD true true true - - - -");
    }

    @Test
    public void aDayOutsideTheLeaveIsNoDifference() {
        Leave leave = new Leave().to("2026-10-01");
        leave.employer = employer("4.5");
        assertThat(compared(leave)).extracting(week -> week.monday().toString()).containsExactly("2026-09-21");
    }

    @Test
    public void aWeekdayOnWhichTheyAreNotAwayIsNoDifferenceOfTheDays() {
        Leave leave = new Leave().missed("2026-09-23", "8");
        leave.employer = employer("4.5");
        assertThat(compared(leave)).isEmpty();
    }

    private static List<DayPlan.Compared> compared(Leave leave) {
        return new PaidLeave()
                .plan(leave.file(), leave.determined(), RulebookTables.BOOK, LocalDate.of(2026, 9, 14))
                .orElseThrow()
                .compared();
    }

    private static List<String> rows(DayPlan.Compared week) {
        return week.layers().stream()
                .map(layer -> layer.code() + " "
                        + String.join(
                                " ",
                                layer.cells().stream().map(SideBySideTest::text).toList()))
                .toList();
    }

    private static String text(DayPlan.Cell cell) {
        return cell.value().map(Determined::text).orElse("-")
                + cell.settle().map(path -> "!" + path.path()).orElse("");
    }

    private static Optional<Employer> employer(String friday) {
        Map<DayOfWeek, Hundredths> schedule = new EnumMap<>(DayOfWeek.class);
        for (int day = 1; day <= 4; day++) {
            schedule.put(DayOfWeek.of(day), Hundredths.parse("8"));
        }
        schedule.put(DayOfWeek.FRIDAY, Hundredths.parse(friday));
        return Optional.of(new Employer(
                "Skerry Ferries",
                Optional.empty(),
                Optional.of("Deckhand"),
                schedule,
                Optional.empty(),
                Optional.empty()));
    }

    private static Optional<CareProvider> certified(String from, String until) {
        return Optional.of(new CareProvider(
                "Tarn Practice",
                Optional.empty(),
                Optional.of(CareProvider.Needed.YES),
                Optional.of(LocalDate.parse(from)),
                Optional.of(LocalDate.parse(until)),
                Optional.empty(),
                Optional.empty()));
    }
}
