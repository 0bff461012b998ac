package org.civitane.core.programme.paidleave;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.policy.RulebookTables;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.programme.paidleave.PaidLeaveCase.CareProvider;
import org.civitane.core.programme.paidleave.PaidLeaveCase.CareProvider.Needed;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Employer;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Reason;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What the pre-check answers, which papers a reason calls for, and when the money of a leave comes. */
public class PaidLeaveFormTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 9, 14, 10, 0);

    @DataProvider
    Object[][] answers() {
        return new Object[][] {
            {Map.of("wages", "2000", "weekHours", "40", "weeks", "3", "told", "true"), "APPROVED WAGES", "1245.00"},
            {Map.of("wages", "2000", "weekHours", "40", "weeks", "3"), "APPROVED WAGES", "1162.00"},
            {
                Map.of("wages", "2000", "weekHours", "40", "weeks", "3", "usedWeeks", "12"),
                "PART_APPROVED ENTITLEMENT",
                "747.00"
            },
            {Map.of("wages", "2000", "weekHours", "40", "weeks", "3", "usedWeeks", "14"), "DENIED EXHAUSTED", "absent"},
            {Map.of("wages", "100", "weekHours", "40", "weeks", "3"), "DENIED WAGES", "absent"},
        };
    }

    @Test(dataProvider = "answers")
    public void thePreCheckSaysWhetherAndHowMuch(Map<String, String> answers, String outcome, String total) {
        Determination determination = Determined.silently(new PaidLeave(), new PaidLeaveForm().sketch(answers, NOW));
        assertThat(determination.missing()).isEmpty();
        assertThat(Determined.outcome(determination)).isEqualTo(outcome);
        assertThat(Determined.more(determination, "total")).isEqualTo(total);
    }

    @Test
    public void anEmployerToldOnADayToComeAndABeginAfterTheEndAreDoubted() {
        assertThat(doubts(new Leave().told("2026-09-14", false))).isEmpty();
        assertThat(doubts(new Leave().told("2027-09-14", false))).containsExactly("told notice/on");
        Leave begun = new Leave();
        begun.benefitsBegin = begun.file().end();
        assertThat(doubts(begun)).isEmpty();
        begun.benefitsBegin = begun.benefitsBegin.map(last -> last.plusDays(1));
        assertThat(doubts(begun)).containsExactly("begins benefitsBegin");
    }

    private static List<String> doubts(Leave leave) {
        return new PaidLeaveForm()
                .doubts(leave.file(), RulebookTables.BOOK).stream()
                        .map(doubt -> doubt.code() + " " + doubt.path().path())
                        .toList();
    }

    @Test
    public void aWeekIsPaidOnTheFifthBusinessDayAfterItButNotBeforeTheDecision() {
        // Two weeks from Monday 21 September; the best two quarters make an average week of €500.
        Determination determination = new Leave().determined();
        assertThat(new PaidLeave().consequences(determination, LocalDate.of(2026, 9, 15)))
                .containsExactly(
                        week("2026-09-21", "450.00", "2026-10-02"), week("2026-09-28", "450.00", "2026-10-09"));
        assertThat(new PaidLeave().consequences(determination, LocalDate.of(2026, 10, 8)))
                .containsExactly(
                        week("2026-09-21", "450.00", "2026-10-09"), week("2026-09-28", "450.00", "2026-10-09"));
        assertThat(new PaidLeave()
                        .consequences(new Leave().earnedOnly("2026Q2", "1.00").determined(), LocalDate.of(2026, 9, 15)))
                .isEmpty();
    }

    @Test
    public void eachReasonCallsForItsPaper() {
        Leave leave = new Leave();
        for (Reason reason : Reason.values()) {
            leave.reason = Optional.of(reason);
            assertThat(papers(leave))
                    .containsExactly(
                            "IDENTITY",
                            "EMPLOYER_CONFIRMATION",
                            switch (reason) {
                                case OWN_HEALTH, FAMILY_CARE -> "CARE_CERTIFICATION";
                                case NEW_CHILD -> "BIRTH_OR_PLACEMENT";
                                case SAFETY -> "SAFETY_STATEMENT";
                            });
        }
    }

    @Test
    public void whatEmployerAndCareProviderSayThemselvesNeedsNoPaper() {
        Leave leave = new Leave();
        leave.employer = Optional.of(employer(Optional.of("Deckhand")));
        leave.careProvider = Optional.of(provider(Needed.YES));
        assertThat(papers(leave)).containsExactly("IDENTITY");
        leave.employer = Optional.of(employer(Optional.empty()));
        leave.careProvider = Optional.of(provider(Needed.NO));
        assertThat(papers(leave)).containsExactly("IDENTITY", "EMPLOYER_CONFIRMATION", "CARE_CERTIFICATION");
        leave.reason = Optional.of(Reason.SAFETY);
        leave.careProvider = Optional.of(provider(Needed.YES));
        assertThat(papers(leave)).containsExactly("IDENTITY", "EMPLOYER_CONFIRMATION", "SAFETY_STATEMENT");
    }

    @Test
    public void nothingThatOthersSayChangesAFigure() {
        Leave leave = new Leave();
        Determination before = leave.determined();
        leave.employer = Optional.of(employer(Optional.of("Deckhand")));
        leave.careProvider = Optional.of(provider(Needed.NO));
        assertThat(leave.determined().outcomes()).isEqualTo(before.outcomes());
        assertThat(leave.determined().figures()).isEqualTo(before.figures());
    }

    private static Employer employer(Optional<String> job) {
        return new Employer(
                "Skerry Ferries",
                Optional.empty(),
                job,
                Map.of(DayOfWeek.MONDAY, Hundredths.parse("4")),
                Optional.of(LocalDate.of(2026, 9, 20)),
                Optional.of(Money.parse("400.00")));
    }

    private static CareProvider provider(Needed needed) {
        return new CareProvider(
                "Skerry Practice",
                Optional.empty(),
                Optional.of(needed),
                Optional.of(LocalDate.of(2026, 9, 21)),
                Optional.of(LocalDate.of(2026, 9, 25)),
                Optional.empty(),
                Optional.empty());
    }

    private static List<String> papers(Leave leave) {
        return new PaidLeave()
                .evidenceNeeds(leave.file(), leave.determined()).stream()
                        .map(EvidenceNeed::kind)
                        .toList();
    }

    private static Consequence week(String monday, String amount, String on) {
        return new Consequence.Pay(
                new PaidFor.Week(LocalDate.parse(monday)), Money.parse(amount), LocalDate.parse(on), Optional.empty());
    }
}
