package org.civitane.core.programme.paidleave;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.policy.RulebookTables;
import org.civitane.core.programme.DayPlan;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.paidleave.PaidLeaveCase.CareProvider;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Employer;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Notice;
import org.civitane.core.programme.paidleave.PaidLeaveCase.PriorLeave;
import org.testng.annotations.Test;

/** What a calendar of a leave shows: its days, its weeks with their money, the year it lies in, and what later would change. */
public class PaidLeavePlanTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 9, 14);

    @Test
    public void eachDayIsAwayOrFreeOrTheEmployersOwn() {
        Leave leave = new Leave().from("2026-09-21").to("2026-09-27");
        leave.benefitsBegin = Optional.of(LocalDate.of(2026, 9, 23));
        assertThat(plan(leave).days())
                .extracting(day -> day.date().getDayOfMonth() + " " + day.kind() + " " + Determined.text(day.hours()))
                .containsExactly(
                        "21 BEFORE 0", "22 BEFORE 0", "23 AWAY 8", "24 AWAY 8", "25 AWAY 8", "26 NONE 0", "27 NONE 0");
    }

    @Test
    public void whereTheEmployersOwnLeaveLastsLongerThanTheLeaveNothingIsAway() {
        Leave leave = new Leave().from("2026-09-21").to("2026-09-25");
        leave.benefitsBegin = Optional.of(LocalDate.of(2026, 12, 1));
        DayPlan plan = plan(leave);
        assertThat(plan.days()).extracting(day -> day.kind().toString()).containsOnly("BEFORE");
        assertThat(plan.weeks()).isEmpty();
    }

    @Test
    public void daysThatOthersDoNotBearOutAreMarked() {
        Leave leave = new Leave().from("2026-09-21").to("2026-09-27");
        leave.careProvider = Optional.of(new CareProvider(
                "Tarn Practice",
                Optional.empty(),
                Optional.of(CareProvider.Needed.YES),
                Optional.of(LocalDate.of(2026, 9, 22)),
                Optional.of(LocalDate.of(2026, 9, 24)),
                Optional.empty(),
                Optional.empty()));
        leave.employer = Optional.of(new Employer(
                "Skerry Ferries",
                Optional.empty(),
                Optional.of("Deckhand"),
                Map.of(
                        DayOfWeek.MONDAY, Hundredths.parse("8"),
                        DayOfWeek.TUESDAY, Hundredths.parse("8"),
                        DayOfWeek.WEDNESDAY, Hundredths.parse("7.5"),
                        DayOfWeek.THURSDAY, Hundredths.parse("9"),
                        DayOfWeek.FRIDAY, Hundredths.parse("8")),
                Optional.empty(),
                Optional.empty()));
        assertThat(plan(leave).days())
                .extracting(
                        day -> day.date().getDayOfMonth() + " " + day.doubt().orElse(""))
                .containsExactly("21 UNCERTIFIED", "22 ", "23 FEWER_HOURS", "24 ", "25 UNCERTIFIED", "26 ", "27 ");
    }

    @Test
    public void eachWeekHasItsMoneyItsDayAndItsWorking() {
        List<DayPlan.Week> weeks = plan(new Leave()).weeks();
        assertThat(weeks).extracting(week -> week.monday().toString()).containsExactly("2026-09-21", "2026-09-28");
        DayPlan.Paid first = weeks.getFirst().paid().orElseThrow();
        assertThat(first.amount()).hasToString("450.00");
        assertThat(first.on()).isEqualTo("2026-10-02");
        assertThat(first.working().keySet()).contains("gross", "payable", "net").doesNotContain("week", "offset");
    }

    @Test
    public void whatTaxTakesOfAWeekIsToldOnceItIsChosen() {
        assertThat(plan(new Leave()).figures()).doesNotContainKey("withheld");
        Leave leave = new Leave();
        leave.withhold = Optional.of(new PaidLeaveCase.Withhold(true, true));
        assertThat(Determined.text(plan(leave).figures().get("withheld"))).isEqualTo("63.00");
        leave.withhold = Optional.of(new PaidLeaveCase.Withhold(false, true));
        assertThat(Determined.text(plan(leave).figures().get("withheld"))).isEqualTo("18.00");
    }

    @Test
    public void singleDaysCountInTheirWeeksAlone() {
        Leave leave = new Leave().to("2026-10-30").missed("2026-09-22", "4").missed("2026-10-13", "8");
        assertThat(plan(leave).weeks())
                .extracting(week -> week.monday() + " " + Determined.text(week.hours()))
                .containsExactly("2026-09-21 4", "2026-10-12 8");
    }

    @Test
    public void theYearShowsWhatIsTakenAndWhatIsAskedFor() {
        Leave leave = new Leave();
        leave.prior.add(prior("2026-03-04", "3", "APPROVED"));
        leave.prior.add(prior("2026-05-04", "2", "REFUSED"));
        leave.prior.add(prior("2025-06-02", "5", "APPROVED"));
        DayPlan.Year year = plan(leave).year();
        assertThat(year.from()).isEqualTo("2026-03-02");
        assertThat(year.to()).isEqualTo("2027-02-28");
        assertThat(year.pieces())
                .extracting(piece -> piece.kind() + " " + piece.from() + " " + Determined.text(piece.weeks()))
                .containsExactly("APPROVED 2026-03-04 3.00", "ASKED 2026-09-21 2.00");
        assertThat(figures(leave)).containsEntry("used", "3.00").containsEntry("remaining", "9.00");
    }

    @Test
    public void beingLateCostsAndBeginningLaterWouldNot() {
        Leave leave = new Leave();
        leave.notice = Optional.of(new Notice(LocalDate.of(2026, 9, 1), false));
        assertThat(figures(leave)).containsEntry("reduction", "90.00");
        // Told on 1 September, in time for 1 October; whole weeks later that is Monday 5 October.
        assertThat(later(leave)).containsExactly("NOTICE 2026-10-05 +90.00");
        leave.notice = Optional.empty();
        assertThat(later(leave)).containsExactly("TELL 2026-10-19 +90.00");
        leave.notice = Optional.of(new Notice(LocalDate.of(2026, 9, 21), true));
        assertThat(figures(leave)).doesNotContainKey("reduction");
        assertThat(later(leave)).isEmpty();
    }

    @Test
    public void aNewLeaveYearWouldGiveMore() {
        Leave leave = new Leave();
        leave.prior.add(prior("2025-10-06", "13", "APPROVED"));
        assertThat(later(leave)).containsExactly("YEAR 2026-10-05 +450.00");
    }

    @Test
    public void withoutWagesThereAreDaysAndWeeksButNoMoney() {
        Leave leave = new Leave();
        leave.wages = Optional.empty();
        DayPlan plan = plan(leave);
        assertThat(plan.weeks()).hasSize(2).allMatch(week -> week.paid().isEmpty());
        assertThat(plan.figures()).doesNotContainKeys("total", "firstPaidOn");
        PaidLeaveCase supposed = new PaidLeaveForm().supposed(leave.file(), Map.of("wages", "2166.67"));
        assertThat(plan(supposed).figures().keySet()).contains("total", "firstPaidOn");
    }

    @Test
    public void nothingIsDrawnBeforeItCanBe() {
        Leave leave = new Leave().to("2026-09-01");
        assertThat(new PaidLeave().plan(leave.file(), leave.determined(), RulebookTables.BOOK, TODAY))
                .isEmpty();
    }

    @Test
    public void yearsOnEndAreCutShort() {
        assertThat(plan(new Leave().to("2999-12-31")).days()).hasSize(DayPlan.MOST_DAYS);
    }

    private static PriorLeave prior(String from, String weeks, String status) {
        return new PriorLeave(LocalDate.parse(from), Hundredths.parse(weeks), status);
    }

    private static DayPlan plan(Leave leave) {
        return plan(leave.file());
    }

    private static DayPlan plan(PaidLeaveCase file) {
        return new PaidLeave()
                .plan(file, Determined.silently(new PaidLeave(), file), RulebookTables.BOOK, TODAY)
                .orElseThrow();
    }

    private static Map<String, String> figures(Leave leave) {
        Map<String, String> figures = new HashMap<>();
        plan(leave).figures().forEach((name, value) -> figures.put(name, Determined.text(value)));
        return figures;
    }

    private static List<String> later(Leave leave) {
        return plan(leave).later().stream()
                .map(each -> each.code() + " " + each.start() + " +"
                        + Determined.text(each.figures().get("more")))
                .toList();
    }
}
