package org.civitane.core.programme.foodassistance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.civitane.core.amount.Frequency;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.ResourceKind;
import org.civitane.core.casefile.Signature;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.policy.RulebookTables;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.foodassistance.FoodAssistanceCase.Utility;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The chapter, paragraph by paragraph, at its limits. */
public class FoodAssistanceTest {
    @DataProvider
    Object[][] membersOfTheUnit() {
        return new Object[][] {
            // relationship, born, shares meals, does not apply, unit size
            {Relationship.SPOUSE, "1990-01-01", Optional.of(false), false, "2"},
            {Relationship.PARTNER, "1990-01-01", Optional.of(false), false, "2"},
            {Relationship.CHILD, "2004-09-15", Optional.of(false), false, "2"},
            {Relationship.CHILD, "2004-09-14", Optional.of(false), false, "1"},
            {Relationship.CHILD, "2004-09-14", Optional.empty(), false, "2"},
            {Relationship.PARENT, "1950-01-01", Optional.of(false), false, "1"},
            {Relationship.UNRELATED, "1990-01-01", Optional.of(true), false, "2"},
            {Relationship.SPOUSE, "1990-01-01", Optional.of(true), true, "1"},
        };
    }

    @Test(dataProvider = "membersOfTheUnit")
    public void theUnitIsWhoSharesMealsAndTheClosestFamily(
            Relationship relationship, String born, Optional<Boolean> shares, boolean notApplying, String size) {
        FoodHousehold household = new FoodHousehold();
        household.member("m2", relationship, born, shares, notApplying, false, false);
        household.none.add("m2");
        assertThat(household.figure("unitSize")).isEqualTo(size);
    }

    @Test
    public void aUnitWithNobodyInItIsDeniedWhateverElseIsMissing() {
        FoodHousehold household = new FoodHousehold();
        household.members.clear();
        household.member("m1", Relationship.SELF, "1988-03-02", Optional.empty(), true, true, true);
        household.signatures.clear();
        household.resources = Optional.empty();
        Determination determination = household.determined();
        assertThat(household.outcome()).isEqualTo("DENIED NO_UNIT");
        assertThat(determination.missing()).isEmpty();
        assertThat(determination.figures().keySet()).containsExactly("unitSize", "protected", "urgent");
        assertThat(household.figure("protected")).isEqualTo("false");
    }

    @Test
    public void incomeOfExcludedMembersIsSharedOutOnceForEarnedAndOnceForUnearned() {
        FoodHousehold household = new FoodHousehold().ofSize(2).wages("1000.00");
        household.member("m3", Relationship.SPOUSE, "1990-01-01", Optional.empty(), true, false, false);
        household.member("m4", Relationship.PARTNER, "1990-01-01", Optional.empty(), true, false, false);
        household
                .income("m3", IncomeKind.WAGES, "100.01", Frequency.YEARLY)
                .income("m4", IncomeKind.RENTAL, "0.01", Frequency.YEARLY);
        // 100.01 × 2 ÷ 4 is 50.005, half up 50.01; 0.01 × 2 ÷ 4 is 0.005, half up 0.01.
        assertThat(household.figure("earnedMonthly")).isEqualTo("1004.17");
        assertThat(household.figure("grossMonthly")).isEqualTo("1004.17");
        household.incomes.removeFirst();
        assertThat(household.figure("earnedMonthly")).isEqualTo("4.17");
    }

    @Test
    public void linesOfOthersDoNotCount() {
        FoodHousehold household = new FoodHousehold();
        household.member("m2", Relationship.SIBLING, "1990-01-01", Optional.of(false), false, false, false);
        household
                .income("m2", IncomeKind.WAGES, "900.00", Frequency.MONTHLY)
                .owns(ResourceKind.CASH, "99999.00", Optional.of("m2"))
                .pays(ExpenseKind.RENT, "700.00", Frequency.MONTHLY, Optional.of("m2"));
        assertThat(household.figure("grossMonthly")).isEqualTo("0.00");
        assertThat(household.figure("liquid")).isEqualTo("0.00");
        assertThat(household.figure("shelterCosts")).isEqualTo("0.00");
    }

    @Test
    public void onlyMedicalCostsOfTheOldAndTheDisabledInTheUnitAreDeducted() {
        FoodHousehold household = new FoodHousehold("1966-09-14");
        household.member("m2", Relationship.CHILD, "2018-05-30");
        household
                .pays(ExpenseKind.MEDICAL, "35.01", Frequency.MONTHLY, Optional.of("m1"))
                .pays(ExpenseKind.MEDICAL, "80.00", Frequency.MONTHLY, Optional.of("m2"));
        assertThat(household.figure("medical")).isEqualTo("0.01");
        assertThat(new FoodHousehold("1966-09-15")
                        .pays(ExpenseKind.MEDICAL, "80.00", Frequency.MONTHLY, Optional.empty())
                        .figure("medical"))
                .isEqualTo("0.00");
    }

    @Test
    public void eachShelterCostIsRoundedOnItsOwn() {
        FoodHousehold household = new FoodHousehold()
                .pays(ExpenseKind.PROPERTY_TAX, "0.06", Frequency.YEARLY, Optional.empty())
                .pays(ExpenseKind.HOME_INSURANCE, "0.06", Frequency.YEARLY, Optional.empty());
        assertThat(household.figure("shelterCosts")).isEqualTo("0.02");
    }

    @Test
    public void theUtilityAllowanceIsThatOfTheDearestUtility() {
        assertThat(new FoodHousehold().uses(Utility.PHONE).figure("utilityAllowance"))
                .isEqualTo("40.00");
        assertThat(new FoodHousehold().uses(Utility.PHONE).uses(Utility.WATER).figure("utilityAllowance"))
                .isEqualTo("150.00");
        assertThat(new FoodHousehold().uses(Utility.WATER).uses(Utility.HEATING).figure("utilityAllowance"))
                .isEqualTo("410.00");
    }

    @Test
    public void excessShelterIsHeldUnlessTheUnitIsProtected() {
        assertThat(new FoodHousehold().rent("900.00").figure("excessShelter")).isEqualTo("650.00");
        assertThat(new FoodHousehold("1950-01-01").rent("900.00").figure("excessShelter"))
                .isEqualTo("900.00");
        FoodHousehold homeless = new FoodHousehold("1950-01-01").rent("0.01");
        homeless.homeless = true;
        assertThat(homeless.figure("excessShelter")).isEqualTo("180.00");
        homeless.expenses.orElseThrow().clear();
        assertThat(homeless.figure("excessShelter")).isEqualTo("0.00");
    }

    @DataProvider
    Object[][] limits() {
        FoodHousehold protectedUnit = new FoodHousehold("1950-01-01").pension("1900.00");
        return new Object[][] {
            {new FoodHousehold().cash("2800.00"), "APPROVED INCOME"},
            {new FoodHousehold().cash("2800.01"), "DENIED RESOURCES"},
            {new FoodHousehold("1966-09-14").cash("4300.00"), "APPROVED INCOME"},
            {new FoodHousehold("1966-09-14").cash("4300.01"), "DENIED RESOURCES"},
            {new FoodHousehold("1966-09-15").cash("2800.01"), "DENIED RESOURCES"},
            {new FoodHousehold().owns(ResourceKind.VEHICLE, "9000.00", Optional.empty()), "APPROVED INCOME"},
            {new FoodHousehold().wages("1612.00"), "APPROVED INCOME"},
            {new FoodHousehold().wages("1612.01"), "DENIED GROSS_INCOME"},
            {new FoodHousehold().received("2026-06-30T12:00:00").wages("1560.01"), "DENIED GROSS_INCOME"},
            {new FoodHousehold().pension("1435.49"), "APPROVED INCOME"},
            {new FoodHousehold().pension("1435.50"), "DENIED NET_INCOME"},
            {protectedUnit, "DENIED NET_INCOME"},
        };
    }

    @Test(dataProvider = "limits")
    public void atALimitIsWithinIt(FoodHousehold household, String outcome) {
        assertThat(household.outcome()).isEqualTo(outcome);
    }

    @DataProvider
    Object[][] amountsBySize() {
        return new Object[][] {
            {1, "286.00", "195.00"},
            {3, "752.00", "195.00"},
            {4, "954.00", "205.00"},
            {5, "1134.00", "240.00"},
            {6, "1362.00", "275.00"},
            {8, "1722.00", "275.00"},
            {10, "2154.00", "275.00"},
        };
    }

    @Test(dataProvider = "amountsBySize")
    public void theMaximumAndTheStandardGoByTheSizeOfTheUnit(int size, String maximum, String standard) {
        FoodHousehold household = new FoodHousehold().ofSize(size);
        assertThat(household.figure("maximum")).isEqualTo(maximum);
        assertThat(household.figure("standard")).isEqualTo(standard);
    }

    @Test
    public void smallUnitsGetALeastBenefitAndLargerOnesDoNot() {
        assertThat(new FoodHousehold().pension("1434.00").more("benefit")).isEqualTo("24.00");
        assertThat(new FoodHousehold().ofSize(3).pension("2304.00").more("benefit"))
                .isEqualTo("119.00");
    }

    @DataProvider
    Object[][] firstMonths() {
        return new Object[][] {
            {"2026-09-01T10:00:00", "286.00"},
            {"2026-09-14T10:00:00", "162.00"},
            {"2026-09-30T10:00:00", "0.00"},
            {"2026-08-31T10:00:00", "0.00"},
            {"2026-09-29T10:00:00", "19.00"},
        };
    }

    @Test(dataProvider = "firstMonths")
    public void theFirstMonthIsPaidByTheDaysThatAreLeft(String received, String paid) {
        assertThat(new FoodHousehold().received(received).more("firstMonth")).isEqualTo(paid);
    }

    @Test
    public void itRunsLongWhereNothingChangesAndShortWhereMuchDoes() {
        assertThat(new FoodHousehold("1966-09-14").more("months")).isEqualTo("24");
        assertThat(new FoodHousehold("1966-09-14").wages("0.01").more("months")).isEqualTo("12");
        assertThat(new FoodHousehold("1966-09-14")
                        .income("m1", IncomeKind.SELF_EMPLOYMENT, "-5.00", Frequency.YEARLY)
                        .more("months"))
                .isEqualTo("24");
        assertThat(new FoodHousehold()
                        .income("m1", IncomeKind.SELF_EMPLOYMENT, "-5.00", Frequency.YEARLY)
                        .more("months"))
                .isEqualTo("6");
        assertThat(new FoodHousehold().more("months")).isEqualTo("12");
    }

    @Test
    public void urgentClaimsAreDueInAWeekRolledBack() {
        assertThat(new FoodHousehold().pension("149.99").cash("100.00").figure("urgent"))
                .isEqualTo("true");
        assertThat(new FoodHousehold().pension("150.00").cash("100.00").figure("urgent"))
                .isEqualTo("false");
        assertThat(new FoodHousehold().pension("149.99").cash("100.01").figure("urgent"))
                .isEqualTo("false");
        assertThat(new FoodHousehold()
                        .pension("200.00")
                        .cash("100.01")
                        .rent("300.01")
                        .figure("urgent"))
                .isEqualTo("false");
        assertThat(new FoodHousehold()
                        .pension("200.00")
                        .cash("100.01")
                        .rent("300.02")
                        .figure("urgent"))
                .isEqualTo("true");
        FoodHousehold seasonal = new FoodHousehold().pension("900.00").cash("100.00");
        seasonal.member("m2", Relationship.SPOUSE, "1990-01-01", Optional.empty(), false, false, true);
        seasonal.none.add("m2");
        assertThat(seasonal.figure("urgent")).isEqualTo("true");
        // Received on Thursday, 8 April 2027; a week later is a business day, and so is 7 May.
        assertThat(seasonal.received("2027-04-08T10:00:00").determined().dueBy())
                .hasToString("2027-04-15");
        // A week after 18 December 2026 is Christmas.
        assertThat(seasonal.received("2026-12-18T10:00:00").determined().dueBy())
                .hasToString("2026-12-24");
    }

    @Test
    public void whatIsMissingLeavesTheOutcomePending() {
        FoodHousehold household = new FoodHousehold().rent("500.00");
        household.none.clear();
        household.signatures.set(0, new Signature("m1", "B Berg", household.receivedAt));
        household.member("m2", Relationship.SPOUSE, "1990-01-01", Optional.empty(), true, false, false);
        household.member("m3", Relationship.SIBLING, "1990-01-01", Optional.of(false), false, false, false);
        Determination determination = household.determined();
        assertThat(household.outcome()).isEqualTo("PENDING INCOME");
        assertThat(determination.missing()).containsExactly("income:m1", "income:m2", "signature-name:m1");
        assertThat(determination.figures().keySet()).containsExactly("unitSize", "protected", "urgent");
        household.expenses = Optional.empty();
        household.signatures.clear();
        assertThat(household.determined().missing())
                .containsExactly("expenses", "income:m1", "income:m2", "signature:m1");
        assertThat(household.determined().figures().keySet()).containsExactly("unitSize", "protected");
    }

    @Test
    public void refusesLinesOfNobody() {
        assertThatThrownBy(() -> new FoodHousehold()
                        .owns(ResourceKind.CASH, "1.00", Optional.of("m9"))
                        .file())
                .isInstanceOfSatisfying(
                        InvalidFact.class, fault -> assertThat(fault.pointer()).isEqualTo("/resources/0/owner"));
        assertThatThrownBy(() -> new FoodHousehold()
                        .pays(ExpenseKind.RENT, "1.00", Frequency.MONTHLY, Optional.of("m9"))
                        .file())
                .isInstanceOfSatisfying(
                        InvalidFact.class, fault -> assertThat(fault.pointer()).isEqualTo("/expenses/0/for"));
    }

    @Test
    public void theWorkingOfADenialShowsTheComparisonThatFailed() {
        FoodAssistance programme = new FoodAssistance();
        Wording wording = programme.wording(Locale.ENGLISH);
        assertThat(programme
                        .determine(
                                new FoodHousehold().wages("1612.01").file(), RulebookTables.BOOK, Reasoning.recording())
                        .reasons()
                        .stream()
                        .map(wording::sentence))
                .contains("Your €1,612.01 a month before deductions is above the limit of €1,612.00, by €0.01.");
    }

    @Test
    public void asksForThePapersThatTheFactsAndFiguresCallFor() {
        FoodHousehold household = new FoodHousehold("1960-01-01")
                .wages("900.00")
                .wages("100.00")
                .rent("500.00")
                .pays(ExpenseKind.SUPPORT_PAID, "10.00", Frequency.MONTHLY, Optional.empty())
                .pays(ExpenseKind.MEDICAL, "35.00", Frequency.MONTHLY, Optional.empty())
                .cash("2150.00");
        assertThat(kindsOfPapers(household)).containsExactly("IDENTITY", "PAY_SLIPS", "HOUSING_COSTS");
        household
                .cash("0.01")
                .pays(ExpenseKind.MEDICAL, "0.01", Frequency.MONTHLY, Optional.empty())
                .pays(ExpenseKind.DEPENDANT_CARE, "0.06", Frequency.YEARLY, Optional.empty());
        assertThat(kindsOfPapers(household))
                .containsExactly(
                        "IDENTITY", "PAY_SLIPS", "HOUSING_COSTS", "BANK_STATEMENT", "MEDICAL_COSTS", "CARE_RECEIPTS");
    }

    private static List<String> kindsOfPapers(FoodHousehold household) {
        return new FoodAssistance()
                .evidenceNeeds(household.file(), household.determined()).stream()
                        .map(EvidenceNeed::kind)
                        .toList();
    }
}
