package org.civitane.core.identity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.identity.IdentityCheck.Basis;
import org.civitane.core.identity.IdentityCheck.Need;
import org.civitane.core.identity.IdentityCheck.Result;
import org.civitane.core.identity.Verdicts.Verdict;
import org.civitane.core.person.Address;
import org.civitane.core.person.PersonNumber;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The chapter, attribute by attribute and document by document, at its limits. */
public class IdentityCheckTest {
    private static final LocalDate ON = LocalDate.of(2026, 9, 14);
    private static final LocalDate BORN = LocalDate.of(1988, 3, 2);
    private static final String NUMBER = "12345678903";
    private static final Address HOME = new Address("Skerry Lane", "12", "2040");
    private static final IdentityDocument PASSPORT =
            document("PASSPORT", "Runa Ostby", Optional.empty(), Optional.of("2031-05-20"));
    private static final IdentityDocument BILL =
            document("UTILITY_BILL", "Runa Ostby", Optional.of("2026-06-14"), Optional.empty());

    @DataProvider
    Object[][] names() {
        return new Object[][] {
            {"Runa", "Ostby", Verdict.MATCH},
            {"Rúna", "OSTBY", Verdict.MATCH},
            {"Ostby", "Runa", Verdict.MATCH},
            {"Runa Marit", "Ostby", Verdict.NEAR},
            {"Tordis", "Brekke", Verdict.CONFLICT},
            {"Runa", "Grønvold", Verdict.NEAR},
            {"云", "王", Verdict.ABSENT},
        };
    }

    @Test(dataProvider = "names")
    public void namesAreComparedWithTheNameNowAndBefore(String given, String family, Verdict verdict) {
        assertThat(verdicts(claimed(given, family, BORN, NUMBER, HOME)).name()).isEqualTo(verdict);
    }

    @DataProvider
    Object[][] birthDates() {
        return new Object[][] {
            {"1988-03-02", Verdict.MATCH}, {"1988-02-03", Verdict.NEAR}, {"1988-03-12", Verdict.NEAR},
            {"1989-03-02", Verdict.NEAR}, {"1989-03-03", Verdict.CONFLICT}, {"1988-03-31", Verdict.CONFLICT},
        };
    }

    @Test(dataProvider = "birthDates")
    public void datesOfBirthAreNearWhenSwappedOrOneDigitApart(String born, Verdict verdict) {
        assertThat(verdicts(claimed("Runa", "Ostby", LocalDate.parse(born), NUMBER, HOME))
                        .dateOfBirth())
                .isEqualTo(verdict);
    }

    @DataProvider
    Object[][] addresses() {
        return new Object[][] {
            {new Address("SKERRY LANE", "12", "2040"), Verdict.MATCH},
            {new Address("Skerry Ln.", "12", "2040"), Verdict.MATCH},
            {new Address("Skerry Lane", "12A", "2040"), Verdict.NEAR},
            {new Address("Tarn Quay", "12", "2040"), Verdict.NEAR},
            {new Address("Skerry Lane", "12", "2041"), Verdict.CONFLICT},
        };
    }

    @Test(dataProvider = "addresses")
    public void addressesAreNearWithinOnePostCode(Address address, Verdict verdict) {
        assertThat(verdicts(claimed("Runa", "Ostby", BORN, NUMBER, address)).address())
                .isEqualTo(verdict);
    }

    @Test
    public void aPersonNumberIsInvalidBeforeItIsCompared() {
        assertThat(verdicts(claimed("Runa", "Ostby", BORN, "12345678904", HOME)).personNumber())
                .isEqualTo(Verdict.INVALID);
        assertThat(verdicts(claimed("Runa", "Ostby", BORN, "1234 567 8903", HOME))
                        .personNumber())
                .isEqualTo(Verdict.INVALID);
        String another = "1000000000" + PersonNumber.checkDigit("1000000000");
        assertThat(verdicts(claimed("Runa", "Ostby", BORN, another, HOME)).personNumber())
                .isEqualTo(Verdict.CONFLICT);
        Claimed wrong = claimed("Runa", "Ostby", BORN, "12345678904", HOME);
        assertThat(Verdicts.of(wrong, Optional.empty()))
                .isEqualTo(new Verdicts(Verdict.ABSENT, Verdict.ABSENT, Verdict.INVALID, Verdict.ABSENT));
        RegisterAnswer.Entry without = entry(Optional.empty(), Optional.empty());
        assertThat(Verdicts.of(runa(), Optional.of(without)).personNumber()).isEqualTo(Verdict.ABSENT);
        assertThat(Verdicts.of(wrong, Optional.of(without)).personNumber()).isEqualTo(Verdict.INVALID);
    }

    @DataProvider
    Object[][] documents() {
        Optional<String> no = Optional.empty();
        return new Object[][] {
            {PASSPORT, List.of()},
            {document("PASSPORT", "Runa Ostby", no, Optional.of("2026-09-14")), List.of()},
            {document("PASSPORT", "Runa Ostby", no, Optional.of("2026-09-13")), List.of(DocumentFault.EXPIRED)},
            {document("DRIVING_LICENCE", "Runa Ostby", no, no), List.of(DocumentFault.NO_EXPIRY)},
            {BILL, List.of()},
            {document("UTILITY_BILL", "Runa Ostby", Optional.of("2026-06-13"), no), List.of(DocumentFault.TOO_OLD)},
            {document("UTILITY_BILL", "Runa Ostby", Optional.of("2026-09-15"), no), List.of(DocumentFault.TOO_OLD)},
            {document("BANK_STATEMENT", "Runa Ostby", no, no), List.of(DocumentFault.TOO_OLD)},
            {document("WAGE_STATEMENT", "Runa Ostby", Optional.of("2025-09-14"), no), List.of()},
            {document("PAY_SLIP", "Runa Ostby", Optional.of("2025-09-13"), no), List.of(DocumentFault.TOO_OLD)},
            {document("TAX_NOTICE", "Runa Ostby", Optional.of("2024-09-14"), no), List.of()},
            {document("LEASE", "Runa Ostby", no, no), List.of()},
            {document("LIBRARY_CARD", "Runa Ostby", no, no), List.of(DocumentFault.NOT_ACCEPTED)},
            {document("LEASE", "Runa Marit Ostby", no, no), List.of()},
            {document("LEASE", "Tordis Brekke", no, no), List.of(DocumentFault.NAME)},
            {document("LEASE", "—", no, no), List.of(DocumentFault.NAME)},
        };
    }

    @Test(dataProvider = "documents")
    public void aDocumentHasEveryFaultThatApplies(IdentityDocument document, List<DocumentFault> faults) {
        assertThat(CheckedDocument.of(document, runa(), ON).faults()).isEqualTo(faults);
    }

    @Test
    public void misshapenLinesAreReadNoFurther() {
        IdentityDocument tooShort = withLines(List.of("P<XHVBREKKE<<TORDIS", "XH4410927"));
        assertThat(CheckedDocument.of(tooShort, runa(), ON).faults()).containsExactly(DocumentFault.MRZ_CHECK);
        IdentityDocument wrong = withLines(List.of(
                "P<XHVBREKKE<<TORDIS<<<<<<<<<<<<<<<<<<<<<<<<<", "XH44109273XHV8803023F3105205<<<<<<<<<<<<<<05"));
        assertThat(CheckedDocument.of(wrong, runa(), ON).faults())
                .containsExactly(DocumentFault.MRZ_CHECK, DocumentFault.MRZ_DIFFERS);
        assertThat(CheckedDocument.of(withLines(List.of()), runa(), ON).faults())
                .containsExactly(DocumentFault.MRZ_CHECK);
    }

    @Test
    public void theFirstResultThatAppliesHolds() {
        RegisterAnswer found = entry(Optional.of(NUMBER), Optional.empty());
        assertThat(check(runa(), found, Optional.empty()).result()).isEqualTo(Result.CONFIRMED);
        assertThat(check(runa(), found, Optional.empty()).basis()).hasValue(Basis.REGISTER);
        assertThat(check(runa(), found, Optional.of(false), PASSPORT, BILL).result())
                .isEqualTo(Result.MISUSE_SUSPECTED);
        assertThat(check(runa(), entry(Optional.of(NUMBER), Optional.of(ON)), Optional.empty())
                        .result())
                .isEqualTo(Result.MISUSE_SUSPECTED);
        assertThat(check(runa(), entry(Optional.of(NUMBER), Optional.of(ON.plusDays(1))), Optional.empty())
                        .result())
                .isEqualTo(Result.CONFIRMED);
        Claimed other = claimed("Tordis", "Brekke", BORN, NUMBER, HOME);
        assertThat(check(other, found, Optional.of(true)).result()).isEqualTo(Result.DISPUTED);
    }

    @Test
    public void papersConfirmWhereTheRegisterDoesNot() {
        IdentityCheck.Outcome byPapers =
                check(runa(), new RegisterAnswer.Unavailable(), Optional.empty(), PASSPORT, BILL);
        assertThat(byPapers.basis()).hasValue(Basis.DOCUMENTS);
        assertThat(byPapers.needs()).isEmpty();
        assertThat(check(runa(), new RegisterAnswer.Nobody(), Optional.empty(), PASSPORT)
                        .needs())
                .containsExactly(Need.SECOND);
        Claimed invalid = claimed("Runa", "Ostby", BORN, "12345678904", HOME);
        IdentityCheck.Outcome open = check(invalid, new RegisterAnswer.Unavailable(), Optional.empty(), BILL);
        assertThat(open.result()).isEqualTo(Result.UNCONFIRMED);
        assertThat(open.needs()).containsExactly(Need.PERSON_NUMBER, Need.PHOTO, Need.REGISTER);
    }

    @Test
    public void refusesTwoDocumentsOfOneId() {
        assertThatThrownBy(() -> check(runa(), new RegisterAnswer.Nobody(), Optional.empty(), PASSPORT, PASSPORT))
                .isInstanceOfSatisfying(
                        InvalidFact.class, fault -> assertThat(fault.pointer()).isEqualTo("/documents/1/id"));
    }

    private static IdentityCheck.Outcome check(
            Claimed claimed, RegisterAnswer register, Optional<Boolean> filed, IdentityDocument... documents) {
        return new IdentityCheck(claimed, register, new ArrayList<>(List.of(documents)), filed, ON).outcome();
    }

    private static Verdicts verdicts(Claimed claimed) {
        return Verdicts.of(claimed, Optional.of(entry(Optional.of(NUMBER), Optional.empty())));
    }

    private static Claimed runa() {
        return claimed("Runa", "Ostby", BORN, NUMBER, HOME);
    }

    private static Claimed claimed(String given, String family, LocalDate born, String number, Address address) {
        return new Claimed(given, family, born, Optional.of(number), Optional.of(address));
    }

    private static RegisterAnswer.Entry entry(Optional<String> number, Optional<LocalDate> deceasedOn) {
        return new RegisterAnswer.Entry(
                "Runa", "Ostby", List.of("Runa Grønvold"), BORN, number, Optional.of(HOME), deceasedOn);
    }

    private static IdentityDocument document(
            String type, String name, Optional<String> issued, Optional<String> expires) {
        return new IdentityDocument(
                type,
                type,
                name,
                Optional.empty(),
                issued.map(LocalDate::parse),
                expires.map(LocalDate::parse),
                Optional.empty(),
                Optional.empty());
    }

    private static IdentityDocument withLines(List<String> lines) {
        return new IdentityDocument(
                "d1",
                "PASSPORT",
                "Runa Ostby",
                Optional.of(BORN),
                Optional.empty(),
                Optional.of(LocalDate.of(2031, 5, 20)),
                Optional.of(lines),
                Optional.empty());
    }
}
