package org.civitane.core.programme.rentarrears;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.ResourceKind;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.policy.RulebookTables;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Landlord;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Landlord.TakesPart;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Lease;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Owed;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Value;
import org.testng.annotations.Test;

/** Might this be for me, which papers are wanted, and what is paid to whom. */
public class RentArrearsFormTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 9, 14, 10, 0);
    private static final LocalDate DECIDED = LocalDate.of(2026, 9, 18);

    private final RentArrears programme = new RentArrears();

    @Test
    public void thePreCheckPaysEveryMonthOwedUpToTheCapOfTheHome() {
        Determination determination =
                screened(Map.of("people", "3", "amount", "1200", "bedrooms", "1", "rent", "810.00", "months", "2"));
        assertThat(determination.outcomes().getFirst().result()).isEqualTo("APPROVED");
        assertThat(determination.outcomes().getFirst().more()).containsEntry("total", Value.of(Money.parse("1520.00")));
    }

    @Test
    public void thePreCheckSaysNoOverTheIncomeLimitAndWhereNothingIsOwed() {
        assertThat(basis(Map.of("people", "1", "amount", "9000", "rent", "810", "months", "2")))
                .isEqualTo("INCOME");
        assertThat(basis(Map.of("people", "1", "amount", "900", "rent", "810"))).isEqualTo("NOTHING_OWED");
        assertThatThrownBy(() -> screened(Map.of("months", "13"))).isInstanceOf(InvalidFact.class);
    }

    @Test
    public void aDocumentOfEachTenantTheLeaseAndTheLandlordsStatementAreWanted() {
        Tenancy tenancy = new Tenancy()
                .person("m2", "B", Relationship.PARTNER, true, Optional.empty())
                .person("m3", "C", Relationship.SIBLING, false, Optional.empty())
                .earns("9000.00");
        assertThat(wanted(tenancy))
                .containsExactly("IDENTITY m1", "IDENTITY m2", "HOUSING_COSTS ", "PAY_SLIPS m1", "RENT_STATEMENT ");
    }

    @Test
    public void aBankStatementIsWantedOverHalfOfTheAssetLimitAndNotAtIt() {
        assertThat(wanted(new Tenancy().owns(ResourceKind.BANK, "12500.00"))).doesNotContain("BANK_STATEMENT ");
        assertThat(wanted(new Tenancy().owns(ResourceKind.BANK, "12500.01"))).contains("BANK_STATEMENT ");
    }

    @Test
    public void theStatementIsNotWantedWhileTheLandlordMayAnswerOnceTheyHaveNorWhereNothingIsOwed() {
        Tenancy answered = new Tenancy();
        answered.landlord = Optional.of(new Landlord(
                "Skerry Homes",
                Optional.empty(),
                TakesPart.NO,
                Optional.empty(),
                Optional.of(List.of(new Owed(YearMonth.of(2026, 8), Money.parse("890.00"))))));
        assertThat(wanted(answered)).doesNotContain("RENT_STATEMENT ");
        Tenancy asked = new Tenancy().landlord(TakesPart.PENDING, Optional.of("2026-09-14"));
        assertThat(wanted(asked)).doesNotContain("RENT_STATEMENT ");
        asked.decidedOn = Optional.of(LocalDate.of(2026, 9, 30));
        assertThat(wanted(asked)).contains("RENT_STATEMENT ");
        assertThat(wanted(new Tenancy().owesNothing().ahead(1))).doesNotContain("RENT_STATEMENT ");
    }

    @Test
    public void eachMonthIsPaidOnceOnTheBusinessDayAfterToWhoeverTakesIt() {
        Tenancy tenancy = new Tenancy().owes("2026-07", "300.00");
        assertThat(following(tenancy))
                .containsExactly(pay(7, "300.00", Optional.of("landlord")), pay(8, "890.00", Optional.of("landlord")));
        assertThat(following(tenancy.landlord(TakesPart.NO, Optional.empty())))
                .containsExactly(pay(7, "300.00", Optional.empty()), pay(8, "890.00", Optional.empty()));
        assertThat(following(tenancy.home("9000", 2, "890.00", Optional.empty())))
                .isEmpty();
    }

    @Test
    public void theWorkingOfAMonthNamesTheMonthItIsAbout() {
        assertThat(programme
                        .determine(new Tenancy().file(), RulebookTables.BOOK, Reasoning.recording())
                        .reasons())
                .anyMatch(step -> step.code().equals("month.ARREARS")
                        && step.facts().getFirst().path().equals("arrears/2026-08/owed"));
    }

    private static Consequence pay(int month, String amount, Optional<String> to) {
        return new Consequence.Pay(YearMonth.of(2026, month), Money.parse(amount), LocalDate.of(2026, 9, 21), to);
    }

    private List<Consequence> following(Tenancy tenancy) {
        return programme.consequences(tenancy.determined(), DECIDED);
    }

    @Test
    public void whatRefusesByItselfOrWasHardlyMeantIsDoubted() {
        assertThat(doubts(new Tenancy())).isEmpty();
        assertThat(doubts(new Tenancy().inHardshipSince("2025-03-14"))).isEmpty();
        assertThat(doubts(new Tenancy().inHardshipSince("2025-03-13"))).containsExactly("hardship hardship/since");
        assertThat(doubts(new Tenancy().home("5000", 2, "890.00", Optional.of("890.00"))))
                .containsExactly("outside home/postCode");
        assertThat(doubts(new Tenancy().home("2140", 2, "890.00", Optional.of("890.01"))))
                .containsExactly("share home/tenantShare");
        assertThat(doubts(new Tenancy().owesNothing().owes("2026-08", "0.00"))).containsExactly("months arrears");
        assertThat(doubts(new Tenancy().owesNothing().owes("2026-08", "20.00").aided("2026-08")))
                .containsExactly("months arrears");
        assertThat(doubts(new Tenancy().owesNothing().ahead(1))).isEmpty();
        Tenancy elsewhere = new Tenancy();
        elsewhere.lease = Optional.of(new Lease(List.of("Somebody Else")));
        assertThat(doubts(elsewhere)).containsExactly("tenant lease/names");
    }

    private List<String> doubts(Tenancy tenancy) {
        return programme.form().orElseThrow().doubts(tenancy.file(), RulebookTables.BOOK).stream()
                .map(doubt -> doubt.code() + " " + doubt.path().path())
                .toList();
    }

    private List<String> wanted(Tenancy tenancy) {
        return programme.evidenceNeeds(tenancy.file(), tenancy.determined()).stream()
                .map(RentArrearsFormTest::words)
                .toList();
    }

    private static String words(EvidenceNeed need) {
        return need.kind() + " " + need.subject().orElse("");
    }

    private String basis(Map<String, String> answers) {
        return screened(answers).outcomes().getFirst().basis();
    }

    private Determination screened(Map<String, String> answers) {
        RentArrearsCase sketch = programme.form().orElseThrow().sketch(answers, NOW);
        return programme.determine(sketch, RulebookTables.BOOK, Reasoning.silent());
    }
}
