package org.civitane.core.programme.conductcertificate;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Handover.By;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Handover.Way;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Payment;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.PoliceRegister;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Purpose;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The chapter, paragraph by paragraph, at its limits. */
public class ConductCertificateTest {
    @Test
    public void everythingAskedForIsNeeded() {
        Certificate empty = new Certificate();
        empty.passport = Optional.empty();
        empty.residence = Optional.empty();
        empty.purpose = Optional.empty();
        empty.country = Optional.empty();
        empty.photo = Optional.empty();
        empty.copies = Optional.empty();
        empty.handover = Optional.empty();
        empty.identity = Optional.empty();
        empty.signatures.clear();
        assertThat(empty.determined().missing())
                .containsExactly(
                        "copies",
                        "country",
                        "handover",
                        "identity",
                        "passport",
                        "photo",
                        "purpose",
                        "residence",
                        "signature:m1");
        assertThat(empty.outcome()).isEqualTo("PENDING APPLICATION");
        assertThat(empty.determined().figures()).isEmpty();
        empty.residence = Optional.of(List.of());
        assertThat(empty.determined().missing()).doesNotContain("residence");
    }

    @Test
    public void somePurposesNeedMore() {
        Certificate certificate = new Certificate();
        certificate.purpose = Optional.of(Purpose.OTHER);
        assertThat(certificate.determined().missing()).containsExactly("explanation");
        certificate.purpose = Optional.of(Purpose.ADOPTION);
        assertThat(certificate.determined().missing()).containsExactly("letter");
        certificate.purpose = Optional.of(Purpose.RESIDENCE);
        assertThat(certificate.determined().missing()).containsExactly("letter");
        certificate.letter = true;
        assertThat(certificate.determined().missing()).isEmpty();
        certificate.copies = Optional.of(6);
        certificate.identity = Optional.of(IdentityCheck.Result.UNCONFIRMED);
        assertThat(certificate.determined().missing()).containsExactly("copies", "identity");
    }

    @DataProvider
    Object[][] passports() {
        List<String> lines = Certificate.LINES;
        String wrongComposite = lines.getLast().substring(0, 43) + "3";
        return new Object[][] {
            {"Runa Ostby", "1994-05-21", "2031-03-31", lines, List.of()},
            {"OSTBY, Runa", "1994-05-21", "2031-03-31", lines, List.of()},
            {"Tórdis Brekke", "1994-05-21", "2031-03-31", lines, List.of("passport-mrz")},
            {"Runa Ostby", "1994-05-22", "2031-03-31", lines, List.of("passport-mrz")},
            {"Runa Ostby", "1994-05-21", "2031-03-30", lines, List.of("passport-mrz")},
            {"Runa Ostby", "1994-05-21", "2031-03-31", List.of(), List.of("passport-mrz")},
            {
                "Runa Ostby",
                "1994-05-21",
                "2031-03-31",
                List.of(lines.getFirst(), wrongComposite),
                List.of("passport-mrz")
            },
            {"Runa Ostby", "1994-05-21", "2026-09-13", lines, List.of("passport", "passport-mrz")},
        };
    }

    @Test(dataProvider = "passports")
    public void thePassportAndItsLinesMustAgree(
            String name, String born, String expires, List<String> lines, List<String> missing) {
        Certificate certificate = new Certificate();
        certificate.passport = Certificate.passport(name, born, expires, lines);
        assertThat(certificate.determined().missing()).isEqualTo(missing);
    }

    @DataProvider
    Object[][] photos() {
        return new Object[][] {
            {"PNG", 413, 531, 2_097_152L, "2026-03-14", List.of()},
            {"GIF", 413, 531, 2_097_152L, "2026-09-14", List.of("photo-format")},
            {"JPEG", 412, 531, 1L, "2026-09-14", List.of("photo-size")},
            {"JPEG", 413, 530, 1L, "2026-09-14", List.of("photo-size")},
            {"JPEG", 413, 531, 2_097_153L, "2026-09-14", List.of("photo-size")},
            {"JPEG", 740, 1000, 1L, "2026-09-14", List.of()},
            {"JPEG", 739, 1000, 1L, "2026-09-14", List.of("photo-shape")},
            {"JPEG", 820, 1000, 1L, "2026-09-14", List.of()},
            {"JPEG", 821, 1000, 1L, "2026-09-14", List.of("photo-shape")},
            {"JPEG", 740, 1000, 1L, "2026-03-13", List.of("photo-age")},
            {"JPEG", 740, 1000, 1L, "2026-09-15", List.of("photo-age")},
            {"JPEG", 0, 0, 1L, "2026-09-14", List.of("photo-size")},
        };
    }

    @Test(dataProvider = "photos")
    public void thePhotoMustBeUsable(
            String format, int width, int height, long bytes, String taken, List<String> missing) {
        Certificate certificate = new Certificate();
        certificate.photo = Certificate.photo(format, width, height, bytes, taken);
        assertThat(certificate.determined().missing()).isEqualTo(missing);
    }

    @Test
    public void nobodyUnderSixteenGetsOne() {
        Certificate certificate = new Certificate();
        certificate.born = LocalDate.of(2010, 9, 14);
        assertThat(certificate.outcome()).isEqualTo("ISSUE CLEAR");
        certificate.born = LocalDate.of(2010, 9, 15);
        assertThat(certificate.outcome()).isEqualTo("DENIED AGE");
        assertThat(certificate.figure("fee")).isEqualTo("18.00");
        assertThat(certificate.more("fee")).isEqualTo("absent");
    }

    @Test
    public void residenceIsCountedInTenYearsOnceADay() {
        assertThat(new Certificate().figure("residenceDays")).isEqualTo("3652");
        assertThat(new Certificate().livedNowhere().outcome()).isEqualTo("DENIED RESIDENCE");
        assertThat(new Certificate()
                        .livedNowhere()
                        .lived("2026-09-13", Optional.empty())
                        .figure("residenceDays"))
                .isEqualTo("1");
        assertThat(new Certificate()
                        .livedNowhere()
                        .lived("2026-09-14", Optional.empty())
                        .figure("residenceDays"))
                .isEqualTo("0");
        assertThat(new Certificate()
                        .livedNowhere()
                        .lived("1999-01-01", Optional.of("2016-09-14"))
                        .figure("residenceDays"))
                .isEqualTo("1");
        assertThat(new Certificate()
                        .livedNowhere()
                        .lived("2020-01-01", Optional.of("2020-07-01"))
                        .lived("2020-03-01", Optional.of("2020-03-31"))
                        .outcome())
                .isEqualTo("ISSUE CLEAR");
        assertThat(new Certificate()
                        .livedNowhere()
                        .lived("2020-01-01", Optional.of("2020-06-30"))
                        .outcome())
                .isEqualTo("DENIED RESIDENCE");
        assertThat(new Certificate()
                        .livedNowhere()
                        .lived("2020-06-30", Optional.of("2020-01-01"))
                        .figure("residenceDays"))
                .isEqualTo("0");
    }

    @Test
    public void residenceAgreesWithCountingDayByDay() {
        Random random = new Random(8);
        LocalDate first = LocalDate.of(2016, 9, 14);
        for (int i = 0; i < 500; i++) {
            Certificate certificate = new Certificate().livedNowhere();
            Set<LocalDate> days = new HashSet<>();
            for (int j = random.nextInt(5); j >= 0; j--) {
                LocalDate from = first.plusDays(random.nextInt(4_500) - 400);
                LocalDate to = from.plusDays(random.nextInt(300));
                certificate.lived(from.toString(), Optional.of(to.toString()));
                from.datesUntil(to.plusDays(1))
                        .filter(day -> !day.isBefore(first) && day.isBefore(LocalDate.of(2026, 9, 14)))
                        .forEach(days::add);
            }
            assertThat(certificate.figure("residenceDays")).isEqualTo(String.valueOf(days.size()));
        }
    }

    @DataProvider
    Object[][] registers() {
        return new Object[][] {
            {Optional.empty(), "PENDING REGISTER", List.of("police-register")},
            {Optional.of(PoliceRegister.UNAVAILABLE), "PENDING REGISTER", List.of("police-register")},
            {Optional.of(PoliceRegister.POSSIBLE_MATCH), "PENDING REGISTER", List.of("police-review")},
            {Optional.of(PoliceRegister.CLEAR), "ISSUE CLEAR", List.of()},
            {Optional.of(PoliceRegister.ENTRIES), "ISSUE_WITH_ENTRIES ENTRIES", List.of()},
        };
    }

    @Test(dataProvider = "registers")
    public void thePoliceRegisterDecides(Optional<PoliceRegister> answer, String outcome, List<String> missing) {
        Certificate certificate = new Certificate();
        certificate.register = answer;
        assertThat(certificate.outcome()).isEqualTo(outcome);
        assertThat(certificate.determined().missing()).isEqualTo(missing);
        assertThat(certificate.determined().status()).isEqualTo(missing.isEmpty() ? Status.DETERMINED : Status.HOLD);
        assertThat(certificate.figure("fee")).isEqualTo("18.00");
        Determined.checkWorking(new ConductCertificate(), certificate.file());
    }

    @Test
    public void theFeeIsForCopiesSpeedAndPostage() {
        Certificate certificate = new Certificate();
        certificate.copies = Optional.of(3);
        assertThat(certificate.figure("fee")).isEqualTo("54.00");
        certificate.fast = true;
        assertThat(certificate.figure("fee")).isEqualTo("66.00");
        assertThat(certificate.handedOver(Way.MAIL, By.HOLDER, false).figure("fee"))
                .isEqualTo("70.00");
        assertThat(certificate.handedOver(Way.MAIL_ABROAD, By.HOLDER, false).figure("fee"))
                .isEqualTo("85.00");
    }

    @Test
    public void itIsPaidThenHandedOver() {
        Certificate certificate = new Certificate();
        assertThat(certificate.more("next")).isEqualTo("HAND_OVER");
        assertThat(certificate.handedOver(Way.DESK, By.PROXY, true).more("next"))
                .isEqualTo("HAND_OVER");
        assertThat(certificate.handedOver(Way.DESK, By.PROXY, false).more("next"))
                .isEqualTo("AUTHORITY");
        assertThat(certificate.handedOver(Way.MAIL, By.PROXY, false).more("next"))
                .isEqualTo("MAIL");
        certificate.payment = Certificate.paid("2026-01-01", Payment.Channel.DESK);
        assertThat(certificate.more("next")).isEqualTo("PAY");
        certificate.payment = Certificate.paid("2025-12-31", Payment.Channel.DESK);
        assertThat(certificate.more("next")).isEqualTo("MAIL");
        certificate.payment = Optional.of(new Payment(false, Optional.empty(), Optional.empty()));
        assertThat(certificate.more("next")).isEqualTo("PAY");
        certificate.payment = Optional.empty();
        assertThat(certificate.more("next")).isEqualTo("PAY");
    }

    @Test
    public void itHoldsSixMonthsAndIsDueSoonerWhenFast() {
        Certificate certificate = new Certificate().received("2026-08-31T10:00:00");
        assertThat(certificate.more("validUntil")).isEqualTo("2027-02-28");
        certificate.issuedOn = Optional.of(LocalDate.of(2026, 9, 2));
        assertThat(certificate.more("validUntil")).isEqualTo("2027-03-02");
        assertThat(certificate.determined().dueBy()).hasToString("2026-09-28");
        certificate.fast = true;
        assertThat(certificate.determined().dueBy()).hasToString("2026-09-07");
    }
}
