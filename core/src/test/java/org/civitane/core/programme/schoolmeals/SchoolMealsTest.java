package org.civitane.core.programme.schoolmeals;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.SignerNumber;
import org.civitane.core.policy.NoPolicyInForce;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Step;
import org.civitane.core.reasoning.Value;
import org.civitane.core.reasoning.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SchoolMealsTest {
    @DataProvider
    Object[][] limits() {
        return new Object[][] {
            {"484.00", Frequency.WEEKLY, "FREE"},
            {"484.01", Frequency.WEEKLY, "REDUCED"},
            {"696.00", Frequency.WEEKLY, "REDUCED"},
            {"696.01", Frequency.WEEKLY, "DENIED"},
            {"967.00", Frequency.FORTNIGHTLY, "FREE"},
            {"967.01", Frequency.FORTNIGHTLY, "REDUCED"},
            {"1047.00", Frequency.TWICE_MONTHLY, "FREE"},
            {"1047.01", Frequency.TWICE_MONTHLY, "REDUCED"},
            {"2094.00", Frequency.MONTHLY, "FREE"},
            {"2094.01", Frequency.MONTHLY, "REDUCED"},
            {"3015.00", Frequency.MONTHLY, "REDUCED"},
            {"3015.01", Frequency.MONTHLY, "DENIED"},
            {"6281.25", Frequency.QUARTERLY, "FREE"},
            {"6281.26", Frequency.QUARTERLY, "REDUCED"},
            {"25125.00", Frequency.YEARLY, "FREE"},
            {"36180.01", Frequency.YEARLY, "DENIED"},
        };
    }

    @Test(dataProvider = "limits")
    public void incomeAtTheLimitIsWithinIt(String amount, Frequency frequency, String result) {
        Determination determination =
                new Household().pupil("c1").wages(amount, frequency).determined();
        assertThat(determination.status()).isEqualTo(Status.DETERMINED);
        assertThat(results(determination)).containsExactly(result);
    }

    @Test
    public void quarterlyAndMixedIncomeIsComparedInAYear() {
        Determination determination = new Household()
                .pupil("c1")
                .wages("100.00", Frequency.WEEKLY)
                .wages("100.00", Frequency.MONTHLY)
                .determined();
        assertThat(determination.figures())
                .containsEntry("testPeriod", Value.of("YEARLY"))
                .containsEntry("countedIncome", Value.of(Money.parse("6400.00")));
    }

    @Test
    public void aLossCountsAsNothingButItsFrequencyStands() {
        Determination determination = new Household()
                .pupil("c1")
                .wages("2094.00", Frequency.MONTHLY)
                .income("m1", IncomeKind.SELF_EMPLOYMENT, "-500.00", Frequency.YEARLY)
                .determined();
        assertThat(determination.figures())
                .containsEntry("testPeriod", Value.of("YEARLY"))
                .containsEntry("countedIncome", Value.of(Money.parse("25128.00")));
        assertThat(results(determination)).containsExactly("REDUCED");
    }

    @Test
    public void uncountedKindsNeitherCountNorSetTheFrequency() {
        Determination determination = new Household()
                .pupil("c1")
                .wages("484.00", Frequency.WEEKLY)
                .income("m1", IncomeKind.LOAN, "9000.00", Frequency.MONTHLY)
                .determined();
        assertThat(determination.figures()).containsEntry("testPeriod", Value.of("WEEKLY"));
        assertThat(results(determination)).containsExactly("FREE");
    }

    @DataProvider
    Object[][] absences() {
        return new Object[][] {{"2026-06-16", 3}, {"2026-06-15", 2}};
    }

    @Test(dataProvider = "absences")
    public void ninetyDaysAwayStillCountsAndNinetyOneDoesNot(String since, int size) {
        Determination determination = new Household()
                .pupil("c1")
                .member("m2", Relationship.SPOUSE, "1986-07-19", false, false, Optional.of(LocalDate.parse(since)))
                .noIncome("m2")
                .wages("1.00", Frequency.WEEKLY)
                .determined();
        assertThat(determination.figures()).containsEntry("householdSize", Value.of(size));
    }

    @Test
    public void aPupilAwayIsDecidedAllTheSameAndTheHouseholdIsNeverEmpty() {
        LocalDate longAgo = LocalDate.of(2025, 1, 1);
        Determination determination = new Household()
                .member("c1", Relationship.CHILD, "2016-05-30", true, false, Optional.of(longAgo))
                .wages("1.00", Frequency.WEEKLY)
                .determined();
        assertThat(determination.figures()).containsEntry("householdSize", Value.of(1));
        assertThat(results(determination)).containsExactly("FREE");
    }

    @Test
    public void aConfirmedBenefitMakesEveryPupilFreeAndAsksForNoIncome() {
        Determination determination = new Household()
                .pupil("c1")
                .fosterPupil("c2")
                .benefit(true)
                .number(Optional.empty())
                .determined();
        assertThat(determination.status()).isEqualTo(Status.DETERMINED);
        assertThat(determination.outcomes())
                .extracting(Outcome::basis)
                .containsExactly("LINKED_BENEFIT", "LINKED_BENEFIT");
        assertThat(determination.figures()).containsOnlyKeys("householdSize");
    }

    @Test
    public void anUnconfirmedBenefitChangesNothing() {
        assertThat(new Household().pupil("c1").benefit(false).determined().missing())
                .containsExactly("income:m1");
    }

    @Test
    public void fosterChildrenAreFreeWhileTheIncomeOfOthersIsMissing() {
        Determination determination =
                new Household().pupil("c1").fosterPupil("c2").determined();
        assertThat(determination.status()).isEqualTo(Status.INCOMPLETE);
        assertThat(results(determination)).containsExactly("PENDING", "FREE");
        assertThat(determination.outcomes().get(1).more()).containsOnlyKeys("from", "to");
        assertThat(determination.figures()).doesNotContainKey("countedIncome").containsKey("freeLimit");
    }

    @Test
    public void onlyFosterChildrenNeedNoIncomeAndNoNumber() {
        Determination determination =
                new Household().fosterPupil("c1").number(Optional.empty()).determined();
        assertThat(determination.status()).isEqualTo(Status.DETERMINED);
    }

    @Test
    public void incomeIsMissingForEachCountedAdultWhoStatedNone() {
        Determination determination = new Household()
                .pupil("c1")
                .adult("m2", Relationship.SPOUSE)
                .member("m3", Relationship.CHILD, "2008-09-14", false, false, Optional.empty())
                .member("m4", Relationship.CHILD, "2008-09-15", false, false, Optional.empty())
                .noIncome("m1")
                .determined();
        assertThat(determination.missing()).containsExactly("income:m2", "income:m3");
    }

    @Test
    public void aLineThatNeverCountsStatesIncomeAllTheSame() {
        Determination determination = new Household()
                .pupil("c1")
                .income("m1", IncomeKind.STUDENT_GRANT, "900.00", Frequency.MONTHLY)
                .determined();
        assertThat(determination.missing()).isEmpty();
        assertThat(results(determination)).containsExactly("FREE");
    }

    @Test
    public void signaturesUnderAnotherNameAreNamedOneByOne() {
        Determination determination = new Household()
                .unsigned()
                .pupil("c1")
                .adult("m2", Relationship.SPOUSE)
                .signedBy("m2", "B m2")
                .signedBy("m1", "Someone Else")
                .signedBy("c1", "A c1")
                .noIncome("m1")
                .noIncome("m2")
                .determined();
        assertThat(determination.missing()).containsExactly("signature-name:m1", "signature-name:m2");
        assertThat(results(determination)).containsExactly("PENDING");
        assertThat(determination.figures()).containsKey("countedIncome");
    }

    @Test
    public void oneMatchingSignatureOfSeveralIsEnoughAndAChildsIsNone() {
        Household base = new Household().unsigned().pupil("c1").noIncome("m1").signedBy("c1", "A c1");
        assertThat(base.determined().missing()).containsExactly("signature");
        assertThat(base.signedBy("m1", "wrong")
                        .signedBy("m1", "m1, a")
                        .determined()
                        .missing())
                .isEmpty();
    }

    @DataProvider
    Object[][] numbers() {
        return new Object[][] {
            {Optional.empty(), false},
            {Optional.of(new SignerNumber(Optional.of("890"), false)), false},
            {Optional.of(new SignerNumber(Optional.of("89o3"), false)), false},
            {Optional.of(new SignerNumber(Optional.empty(), false)), false},
            {Optional.of(new SignerNumber(Optional.empty(), true)), true},
            {Optional.of(new SignerNumber(Optional.of("0000"), false)), true},
        };
    }

    @Test(dataProvider = "numbers")
    public void theSignersNumberIsFourDigitsOrNone(Optional<SignerNumber> number, boolean given) {
        Determination determination =
                new Household().pupil("c1").noIncome("m1").number(number).determined();
        assertThat(determination.missing()).isEqualTo(given ? List.of() : List.of("signer-number"));
    }

    @DataProvider
    Object[][] schoolYears() {
        return new Object[][] {
            {"2026-07-31T10:00:00", "2026-10-12"},
            {"2026-08-03T10:00:00", "2027-10-12"},
            {"2026-09-01T10:00:00", "2027-10-12"},
            {"2027-06-30T10:00:00", "2027-10-12"},
        };
    }

    @Test(dataProvider = "schoolYears")
    public void mealsLastIntoTheNextSchoolYear(String receivedAt, String to) {
        Determination determination = new Household()
                .pupil("c1")
                .noIncome("m1")
                .receivedAt(receivedAt)
                .determined();
        assertThat(determination.outcomes().getFirst().more()).containsEntry("to", Value.of(LocalDate.parse(to)));
    }

    @Test
    public void theTableInForceOnTheReceivedDateApplies() {
        assertThat(new Household()
                        .pupil("c1")
                        .noIncome("m1")
                        .receivedAt("2026-06-30T16:59:59")
                        .determined()
                        .figures())
                .containsEntry("freeLimit", Value.of(Money.ofEuros(24_300)));
        assertThat(new Household()
                        .pupil("c1")
                        .noIncome("m1")
                        .receivedAt("2026-06-30T17:00:00")
                        .determined()
                        .figures())
                .containsEntry("freeLimit", Value.of(Money.ofEuros(25_125)));
        assertThatThrownBy(() -> new Household()
                        .pupil("c1")
                        .receivedAt("2025-06-30T10:00:00")
                        .determined())
                .isInstanceOf(NoPolicyInForce.class);
    }

    @Test
    public void refusesFactsThatCannotStand() {
        assertThatThrownBy(() -> new Household().adult("m2", Relationship.SELF).file())
                .isInstanceOfSatisfying(
                        InvalidFact.class, fault -> assertThat(fault.pointer()).isEqualTo("/members/1/relationship"));
        assertThatThrownBy(
                        () -> new Household().adult("m1", Relationship.SPOUSE).file())
                .isInstanceOfSatisfying(
                        InvalidFact.class, fault -> assertThat(fault.pointer()).isEqualTo("/members/1/id"));
        assertThatThrownBy(() -> new Household()
                        .income("m9", IncomeKind.WAGES, "1.00", Frequency.WEEKLY)
                        .file())
                .isInstanceOfSatisfying(
                        InvalidFact.class, fault -> assertThat(fault.pointer()).isEqualTo("/incomes/0/member"));
        assertThatThrownBy(() -> new Household().wages("-1.00", Frequency.WEEKLY))
                .isInstanceOf(InvalidFact.class);
    }

    @Test
    public void theWorkingOfADenialShowsTheComparisonThatFailed() {
        Determination determination =
                new Household().pupil("c1").wages("3015.01", Frequency.MONTHLY).determined(Reasoning.recording());
        Wording wording = new SchoolMeals().wording(Locale.ENGLISH);
        assertThat(determination.reasons().stream().map(wording::sentence))
                .contains("Your €3,015.01 a month is above the limit for reduced meals, €3,015.00, by €0.01.");
        Step counted = determination.reasons().stream()
                .filter(step -> step.code().equals("countedIncome"))
                .findFirst()
                .orElseThrow();
        assertThat(counted.steps())
                .singleElement()
                .satisfies(line ->
                        assertThat(line.facts()).extracting(Object::toString).containsExactly("incomes/i1/amount"));
    }

    private static List<String> results(Determination determination) {
        return determination.outcomes().stream().map(Outcome::result).toList();
    }
}
