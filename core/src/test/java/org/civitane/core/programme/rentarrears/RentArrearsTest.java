package org.civitane.core.programme.rentarrears;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.InstanceOfAssertFactories.STRING;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.ResourceKind;
import org.civitane.core.casefile.Signature;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Hardship;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Landlord.TakesPart;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Lease;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The chapter, paragraph by paragraph, at its limits. */
public class RentArrearsTest {
    @Test
    public void medicalCostsAboveAShareOfIncomeAndAllCareAreTakenOff() {
        // 3 % of 20,000.50 is 600.015, half up 600.02.
        Tenancy tenancy = new Tenancy()
                .earns("20000.50")
                .pays(ExpenseKind.MEDICAL, "700.00")
                .pays(ExpenseKind.DEPENDANT_CARE, "1000.00")
                .pays(ExpenseKind.RENT, "9000.00");
        assertThat(tenancy.figure("medicalAllowance")).isEqualTo("99.98");
        assertThat(tenancy.figure("adjustedAnnual")).isEqualTo("18900.52");
        assertThat(new Tenancy()
                        .earns("1.00")
                        .pays(ExpenseKind.DEPENDANT_CARE, "9.00")
                        .figure("adjustedAnnual"))
                .isEqualTo("0.00");
    }

    @DataProvider
    Object[][] decisions() {
        Optional<String> noShare = Optional.empty();
        return new Object[][] {
            {new Tenancy(), "APPROVED INCOME"},
            {new Tenancy().home("0999", 2, "890.00", noShare), "DENIED OUTSIDE"},
            {new Tenancy().home("1000", 2, "890.00", noShare), "APPROVED INCOME"},
            {new Tenancy().home("4999", 2, "890.00", noShare), "APPROVED INCOME"},
            {new Tenancy().home("5000", 2, "890.00", noShare), "DENIED OUTSIDE"},
            {new Tenancy().home("02140", 2, "890.00", noShare), "DENIED OUTSIDE"},
            {new Tenancy().home("2l40", 2, "890.00", noShare), "DENIED OUTSIDE"},
            {new Tenancy().inHardshipSince("2025-03-14"), "APPROVED INCOME"},
            {new Tenancy().inHardshipSince("2025-03-13"), "DENIED HARDSHIP"},
            {new Tenancy().earns("21800.00"), "APPROVED INCOME"},
            {new Tenancy().earns("21800.01"), "DENIED INCOME"},
            {new Tenancy().owns(ResourceKind.OTHER_PROPERTY, "25000.00"), "APPROVED INCOME"},
            {new Tenancy().owns(ResourceKind.BANK, "25000.01"), "DENIED ASSETS"},
            {new Tenancy().owns(ResourceKind.RETIREMENT, "99999.00"), "APPROVED INCOME"},
            {new Tenancy().owesNothing().owes("2026-08", "0.00"), "DENIED NOTHING_OWED"},
            {new Tenancy().home("2140", 2, "890.00", Optional.of("0.00")), "DENIED NOTHING_OWED"},
            {new Tenancy().owesNothing().owes("2026-09", "500.00"), "DENIED NOTHING_OWED"},
            {new Tenancy().owesNothing().owes("2025-09", "500.00"), "APPROVED INCOME"},
            {new Tenancy().owesNothing().owes("2025-08", "500.00"), "DENIED NOTHING_OWED"},
        };
    }

    @Test(dataProvider = "decisions")
    public void theFirstRefusalThatAppliesDecides(Tenancy tenancy, String outcome) {
        assertThat(tenancy.outcome()).isEqualTo(outcome);
        assertThat(tenancy.determined().status()).isEqualTo(Status.DETERMINED);
    }

    @Test
    public void theApplicantMustBeNamedInTheLease() {
        Tenancy tenancy = new Tenancy().person("m2", "B", Relationship.SPOUSE, true, Optional.empty());
        tenancy.none.add("m2");
        tenancy.signatures.add(new Signature("m2", "B Berg", tenancy.receivedAt));
        tenancy.lease = Optional.of(new Lease(List.of("Berg, B")));
        assertThat(tenancy.outcome()).isEqualTo("DENIED NOT_TENANT");
        tenancy.lease = Optional.of(new Lease(List.of("Berg, B", "Berg, A")));
        assertThat(tenancy.outcome()).isEqualTo("APPROVED INCOME");
    }

    @DataProvider
    Object[][] bands() {
        return new Object[][] {
            {"10920.00", 0, "A"},
            {"10920.01", 0, "B"},
            {"16380.00", 0, "B"},
            {"16380.01", 0, "C"},
            {"16380.01", 90, "A"},
            {"16380.01", 89, "C"},
        };
    }

    @Test(dataProvider = "bands")
    public void theBandGoesByIncomeOrByLongUnemployment(String income, int unemployedDays, String band) {
        Tenancy tenancy = new Tenancy();
        tenancy.members.clear();
        Optional<LocalDate> since = unemployedDays == 0
                ? Optional.empty()
                : Optional.of(LocalDate.of(2026, 9, 14).minusDays(unemployedDays));
        tenancy.person("m1", "A", Relationship.SELF, true, since).earns(income);
        assertThat(tenancy.figure("band")).isEqualTo(band);
    }

    @Test
    public void monthsAreTakenOldestFirstUpToSixThenAhead() {
        Tenancy tenancy = new Tenancy().owesNothing().ahead(3).aided("2026-09").aided("2026-02");
        for (String month : List.of("2026-05", "2026-01", "2026-02", "2026-03")) {
            tenancy.owes(month, "100.00");
        }
        assertThat(tenancy.more("months"))
                .isEqualTo("[[2026-01, ARREARS, 100.00], [2026-03, ARREARS, 100.00], [2026-05, ARREARS, 100.00], "
                        + "[2026-10, AHEAD, 890.00], [2026-11, AHEAD, 890.00]]");
        tenancy.owes("2026-06", "100.00").owes("2026-07", "100.00");
        assertThat(tenancy.more("months")).contains("2026-10").doesNotContain("2026-11");
    }

    @Test
    public void aMonthIsHeldToTheCapTheShareAndWhatIsLeft() {
        assertThat(new Tenancy().home("2140", 1, "890.00", Optional.empty()).more("total"))
                .isEqualTo("760.00");
        assertThat(new Tenancy().home("2140", 9, "890.00", Optional.empty()).more("total"))
                .isEqualTo("890.00");
        assertThat(new Tenancy()
                        .home("2140", 1, "890.00", Optional.of("300.00"))
                        .more("total"))
                .isEqualTo("300.00");
        Tenancy large = new Tenancy().owesNothing().home("2140", 4, "1390.00", Optional.empty());
        for (int month = 3; month <= 8; month++) {
            large.owes("2026-0" + month, "1390.00");
        }
        assertThat(large.more("total")).isEqualTo("4800.00");
        assertThat(large.more("months")).endsWith("[2026-06, ARREARS, 630.00]]");
    }

    @Test
    public void ofEachMonthThatIsNotPaidTheWorkingSaysWhy() {
        Tenancy tenancy = new Tenancy().owesNothing().aided("2026-02").ahead(1);
        for (String month : List.of("2025-08", "2026-02", "2026-09")) {
            tenancy.owes(month, "100.00");
        }
        for (String month : List.of("2025-10", "2025-11", "2025-12", "2026-01", "2026-03", "2026-04")) {
            tenancy.owes(month, "50.00");
        }
        assertThat(tenancy.unpaid())
                .containsExactly(
                        "For August 2025 €100.00 is owed. It is not paid: only the 12 months before the month of the application count.",
                        "The €100.00 for February 2026 is not paid: that month was helped with already.",
                        "For September 2026 €100.00 is owed. It is not paid as rent owed: only months before the month of the application are. It is paid where it was asked for ahead.",
                        "The €890.00 for September 2026 is not paid: at most 6 months are.");
        assertThat(new Tenancy().home("2140", 2, "890.00", Optional.of("0.00")).unpaid())
                .singleElement(STRING)
                .endsWith("your share of the rent is nothing.");
        Tenancy large = new Tenancy().owesNothing().home("2140", 4, "1390.00", Optional.empty());
        for (int month = 3; month <= 7; month++) {
            large.owes("2026-0" + month, "1390.00");
        }
        assertThat(large.unpaid())
                .containsExactly(
                        "The €1,390.00 for July 2026 is not paid: the €4,800.00 that can be paid in all is used up.");
    }

    @Test
    public void theMoneyGoesToTheLandlordWhoTakesPart() {
        assertThat(new Tenancy().more("payee")).isEqualTo("LANDLORD");
        assertThat(new Tenancy().landlord(TakesPart.NO, Optional.empty()).more("payee"))
                .isEqualTo("TENANT");
        Tenancy waiting = new Tenancy().landlord(TakesPart.PENDING, Optional.of("2026-08-31"));
        assertThat(waiting.determined().status()).isEqualTo(Status.HOLD);
        assertThat(waiting.determined().missing()).containsExactly("landlord");
        assertThat(waiting.more("payee")).isEqualTo("null");
        waiting.decidedOn = Optional.of(LocalDate.of(2026, 9, 15));
        assertThat(waiting.determined().status()).isEqualTo(Status.DETERMINED);
        assertThat(waiting.more("payee")).isEqualTo("TENANT");
        assertThat(new Tenancy()
                        .landlord(TakesPart.PENDING, Optional.of("2026-08-28"))
                        .more("payee"))
                .isEqualTo("TENANT");
        assertThat(new Tenancy()
                        .landlord(TakesPart.PENDING, Optional.empty())
                        .determined()
                        .status())
                .isEqualTo(Status.HOLD);
        Tenancy denied = new Tenancy().owesNothing().landlord(TakesPart.PENDING, Optional.empty());
        assertThat(denied.determined().status()).isEqualTo(Status.DETERMINED);
        assertThat(denied.determined().missing()).isEmpty();
    }

    @Test
    public void whatIsMissingLeavesTheOutcomePending() {
        Tenancy tenancy = new Tenancy();
        tenancy.none.clear();
        tenancy.resources = Optional.empty();
        tenancy.hardship = Optional.of(new Hardship(Hardship.Reason.OTHER, LocalDate.of(2026, 5, 1)));
        tenancy.home = Optional.empty();
        tenancy.lease = Optional.of(new Lease(List.of("A Berg", "Somebody Else", " ")));
        tenancy.arrears = Optional.empty();
        tenancy.landlord = Optional.empty();
        tenancy.signatures.clear();
        assertThat(tenancy.determined().missing())
                .containsExactly(
                        "arrears",
                        "explanation",
                        "home",
                        "income:m1",
                        "landlord",
                        "lease-name:2",
                        "lease-name:3",
                        "resources",
                        "signature:m1");
        assertThat(tenancy.outcome()).isEqualTo("PENDING INCOME");
        tenancy.hardship = Optional.empty();
        tenancy.lease = Optional.empty();
        assertThat(tenancy.ahead(0).determined().missing())
                .contains("hardship", "lease")
                .doesNotContain("arrears");
    }

    @Test
    public void onlyAdultsOnTheLeaseSign() {
        Tenancy tenancy = new Tenancy().person("m2", "B", Relationship.SPOUSE, false, Optional.empty());
        tenancy.none.add("m2");
        assertThat(tenancy.outcome()).isEqualTo("APPROVED INCOME");
        tenancy.person("m3", "C", Relationship.SIBLING, true, Optional.empty());
        tenancy.none.add("m3");
        assertThat(tenancy.determined().missing()).containsExactly("signature:m3");
    }

    @Test
    public void refusesAMonthListedTwiceAndMoreThanThreeAhead() {
        assertThatThrownBy(() -> new Tenancy().aided("2026-02").aided("2026-02").file())
                .isInstanceOfSatisfying(
                        InvalidFact.class, fault -> assertThat(fault.pointer()).isEqualTo("/alreadyAided/1"));
        assertThatThrownBy(() -> new Tenancy().owes("2026-08", "1.00").file())
                .isInstanceOfSatisfying(
                        InvalidFact.class, fault -> assertThat(fault.pointer()).isEqualTo("/arrears/1/month"));
        assertThatThrownBy(() -> new Tenancy().ahead(4).file())
                .isInstanceOfSatisfying(
                        InvalidFact.class, fault -> assertThat(fault.pointer()).isEqualTo("/monthsAhead"));
    }
}
