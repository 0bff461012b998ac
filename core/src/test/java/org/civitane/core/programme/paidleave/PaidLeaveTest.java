package org.civitane.core.programme.paidleave;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.paidleave.PaidLeaveCase.OtherIncome.Kind;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Pattern;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Reason;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Withhold;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The chapter, paragraph by paragraph, at its limits. */
public class PaidLeaveTest {
    @Test
    public void theBaseQuartersLieBeforeTheQuarterOfTheStart() {
        assertThat(new Leave().figure("baseQuarters")).isEqualTo("[2025Q3, 2025Q4, 2026Q1, 2026Q2]");
        assertThat(new Leave().from("2026-10-01").figure("baseQuarters")).isEqualTo("[2025Q4, 2026Q1, 2026Q2, 2026Q3]");
        assertThat(new Leave().earned("2026Q3", "90000.00").figure("averageWeek"))
                .isEqualTo("500.00");
        assertThat(new Leave().earned("2026Q2", "26.00").figure("averageWeek")).isEqualTo("501.00");
    }

    @Test
    public void wagesMustSufficeInAllAndInTheBestQuarter() {
        assertThat(new Leave()
                        .earnedOnly("2026Q1", "1500.00")
                        .earned("2026Q2", "900.00")
                        .outcome())
                .isEqualTo("APPROVED WAGES");
        assertThat(new Leave()
                        .earnedOnly("2026Q1", "1500.00")
                        .earned("2026Q2", "899.99")
                        .outcome())
                .isEqualTo("DENIED WAGES");
        Leave even = new Leave()
                .earnedOnly("2026Q1", "899.99")
                .earned("2026Q2", "899.99")
                .earned("2025Q4", "899.99");
        assertThat(even.outcome()).isEqualTo("DENIED WAGES");
        assertThat(even.earned("2025Q4", "0.01").outcome()).isEqualTo("APPROVED WAGES");
    }

    @DataProvider
    Object[][] weeklyBenefits() {
        return new Object[][] {
            {"13000.00", "450.00"}, {"13002.08", "450.00"}, {"13052.00", "451.00"},
            {"38480.00", "940.00"}, {"60000.00", "940.00"}, {"2400.00", "83.00"},
            {"1508.00", "58.00"}, {"1586.00", "60.00"}, {"1716.00", "60.00"},
        };
    }

    /** Two quarters with half of the amount each, so that an average week is a twenty-sixth of it. */
    @Test(dataProvider = "weeklyBenefits")
    public void theWeeklyBenefitIsAShareHeldBetweenALeastAndAMost(String wages, String benefit) {
        String half =
                Money.parse(wages).dividedBy(2, Money.CENT, Rounding.HALF_UP).toString();
        assertThat(new Leave().earnedOnly("2026Q1", half).earned("2026Q2", half).figure("weeklyBenefit"))
                .isEqualTo(benefit);
    }

    @Test
    public void priorLeaveCountsInTheLeaveYearOfItsMonday() {
        // The Monday of 22 September 2025 is 364 days before the start: it lies in the year before.
        Leave leave = new Leave().before("2025-09-24", "9", "APPROVED");
        assertThat(leave.figure("used")).isEqualTo("0.00");
        assertThat(leave.figure("leaveYearFrom")).isEqualTo("2026-09-21");
        leave = new Leave().before("2025-09-29", "9", "APPROVED").before("2026-03-04", "1.5", "PENDING");
        assertThat(leave.figure("used")).isEqualTo("10.50");
        assertThat(leave.figure("leaveYearFrom")).isEqualTo("2025-09-29");
        assertThat(new Leave().before("2026-03-04", "5", "WITHDRAWN").figure("used"))
                .isEqualTo("0.00");
        assertThat(new Leave().before("2026-09-28", "5", "APPROVED").figure("used"))
                .isEqualTo("0.00");
    }

    @Test
    public void theEntitlementIsLongerForComplicationsOfOnesOwnHealth() {
        Leave leave = new Leave();
        leave.pregnancy = true;
        assertThat(leave.figure("entitlement")).isEqualTo("16.00");
        leave.reason = Optional.of(Reason.NEW_CHILD);
        assertThat(leave.figure("entitlement")).isEqualTo("14.00");
        assertThat(new Leave().before("2026-03-02", "13.99", "APPROVED").outcome())
                .isEqualTo("PART_APPROVED ENTITLEMENT");
        assertThat(new Leave().before("2026-03-02", "14", "APPROVED").outcome()).isEqualTo("DENIED EXHAUSTED");
        assertThat(new Leave().before("2026-03-02", "15", "APPROVED").figure("available"))
                .isEqualTo("0.00");
    }

    @Test
    public void hoursAwayFollowThePattern() {
        assertThat(new Leave().figure("requested")).isEqualTo("2.00");
        Leave late = new Leave();
        late.benefitsBegin = Optional.of(LocalDate.of(2026, 9, 28));
        assertThat(late.figure("requested")).isEqualTo("1.00");
        late.benefitsBegin = Optional.of(LocalDate.of(2026, 9, 1));
        assertThat(late.figure("requested")).isEqualTo("2.00");
        assertThat(new Leave().reducedTo("25").figure("requested")).isEqualTo("0.75");
        assertThat(new Leave().reducedTo("40").outcome()).isEqualTo("DENIED NO_ABSENCE");
        assertThat(new Leave().reducedTo("50").outcome()).isEqualTo("DENIED NO_ABSENCE");
        // Two absences on one day count for no more than its eight hours; Saturday has none.
        assertThat(new Leave()
                        .missed("2026-09-22", "5")
                        .missed("2026-09-22", "5")
                        .missed("2026-09-26", "3")
                        .missed("2026-10-05", "8")
                        .figure("requested"))
                .isEqualTo("0.20");
        assertThat(new Leave().to("2026-09-20").determined().missing()).containsExactly("end");
    }

    @Test
    public void hoursThatAreNoDecimalStayExactUntilTheyAreShown() {
        Leave leave = new Leave().reducedTo("6");
        leave.schedule = Map.of(DayOfWeek.MONDAY, Hundredths.parse("3"), DayOfWeek.TUESDAY, Hundredths.parse("4"));
        // Each Monday 3 × 1 ÷ 7 hours, each Tuesday 4 × 1 ÷ 7: a whole hour a week.
        assertThat(leave.more("payments")).contains("[2026-09-21, 1, ");
        leave.to("2026-09-21");
        assertThat(leave.more("payments")).startsWith("[[2026-09-21, 0.4286, 27.55, ");
        assertThat(leave.figure("requested")).isEqualTo("0.06");
    }

    @Test
    public void theBudgetEndsTheLeaveOnTheDayItIsUsedUp() {
        Leave leave = new Leave().before("2026-03-02", "12.70", "APPROVED");
        assertThat(leave.more("granted")).isEqualTo("1.30");
        assertThat(leave.more("to")).isEqualTo("2026-09-29");
        assertThat(leave.more("total")).isEqualTo("585.00");
        assertThat(leave.figure("remaining")).isEqualTo("0.00");
        assertThat(new Leave().more("to")).isEqualTo("2026-10-02");
    }

    @DataProvider
    Object[][] notices() {
        return new Object[][] {
            {"2026-08-22", false, "false"}, {"2026-08-23", false, "true"},
            {"2026-09-24", true, "false"}, {"2026-09-25", true, "true"},
        };
    }

    @Test(dataProvider = "notices")
    public void noticeIsLateWithinThirtyDaysOrThreeAfterAnEmergency(String on, boolean emergency, String late) {
        assertThat(new Leave().told(on, emergency).figure("noticeLate")).isEqualTo(late);
    }

    @Test
    public void lateNoticeReducesTheFirstWeekThatPaysAnything() {
        Leave leave = new Leave();
        leave.notice = Optional.empty();
        assertThat(leave.more("total")).isEqualTo("810.00");
        leave.gets(Kind.WORK_INJURY_BENEFIT, "1.00", "2026-09-27", "2026-09-27");
        assertThat(leave.more("payments"))
                .isEqualTo("[[2026-09-21, 40, 0.00, 0.00, 0.00, 0.00, 0.00, 0.00, 0.00], "
                        + "[2026-09-28, 40, 450.00, 0.00, 90.00, 360.00, 0.00, 0.00, 360.00]]");
    }

    @Test
    public void theEmployersMoneyIsOffsetAboveTheAverageWeek() {
        assertThat(new Leave()
                        .gets(Kind.EMPLOYER_TOP_UP, "50.00", "2026-09-01", "2026-09-21")
                        .more("total"))
                .isEqualTo("900.00");
        assertThat(new Leave()
                        .gets(Kind.EMPLOYER_TOP_UP, "50.01", "2026-09-01", "2026-09-21")
                        .more("total"))
                .isEqualTo("899.99");
        assertThat(new Leave()
                        .gets(Kind.EMPLOYER_TOP_UP, "900.00", "2026-09-20", "2026-10-05")
                        .more("total"))
                .isEqualTo("0.00");
        assertThat(new Leave()
                        .gets(Kind.PRIVATE_INSURANCE, "900.00", "2026-09-20", "2026-10-05")
                        .more("total"))
                .isEqualTo("900.00");
        assertThat(new Leave()
                        .gets(Kind.EMPLOYER_TOP_UP, "900.00", "2026-10-05", "2026-09-01")
                        .more("total"))
                .isEqualTo("900.00");
    }

    @Test
    public void taxesAreTakenOffWhereChosen() {
        Leave leave = new Leave().to("2026-09-21");
        leave.withhold = Optional.of(new Withhold(true, true));
        assertThat(leave.more("payments")).isEqualTo("[[2026-09-21, 8, 90.00, 0.00, 0.00, 90.00, 9.00, 3.60, 77.40]]");
    }

    @Test
    public void whatIsMissingLeavesTheOutcomePending() {
        Leave leave = new Leave();
        leave.reason = Optional.empty();
        leave.start = Optional.empty();
        leave.end = Optional.empty();
        leave.wages = Optional.empty();
        leave.schedule = Map.of(DayOfWeek.MONDAY, Hundredths.ZERO);
        leave.pattern = Optional.of(Pattern.REDUCED);
        leave.signatures.clear();
        Determination determination = leave.determined();
        assertThat(determination.missing())
                .containsExactly(
                        "end", "quarterWages", "reason", "reducedHoursPerWeek", "schedule", "signature:m1", "start");
        assertThat(leave.outcome()).isEqualTo("PENDING WAGES");
        assertThat(determination.figures()).isEmpty();
        leave.pattern = Optional.of(Pattern.INTERMITTENT);
        assertThat(leave.determined().missing()).contains("absences").doesNotContain("reducedHoursPerWeek");
        leave.absences = Optional.of(List.of());
        assertThat(leave.determined().missing()).doesNotContain("absences");
        leave.pattern = Optional.empty();
        assertThat(leave.determined().missing()).contains("pattern");
    }

    @Test
    public void aDecisionIsDueFifteenBusinessDaysAfterReceipt() {
        assertThat(new Leave().determined().dueBy()).hasToString("2026-10-05");
    }
}
