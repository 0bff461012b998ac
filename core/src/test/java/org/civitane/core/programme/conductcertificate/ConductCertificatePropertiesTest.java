package org.civitane.core.programme.conductcertificate;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.civitane.core.casefile.Signature;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Handover;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Payment;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.PoliceRegister;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Purpose;
import org.testng.annotations.Test;

/** What must hold for any application for a certificate. */
public class ConductCertificatePropertiesTest {
    @Test
    public void agreesWithASecondWritingOfTheChapter() {
        Random random = new Random(12);
        Set<String> outcomes = new HashSet<>();
        Set<String> codes = new HashSet<>();
        for (int i = 0; i < 5_000; i++) {
            ConductCertificateCase file = any(random).file();
            Determination determination = Determined.silently(new ConductCertificate(), file);
            SecondWriting.Said expected = SecondWriting.of(file);
            assertThat(determination.missing()).as(file::toString).isEqualTo(expected.missing());
            assertThat(Determined.told(determination.outcomes().getFirst()))
                    .as(file::toString)
                    .isEqualTo(expected.outcome());
            assertThat(Determined.figure(determination, "residenceDays"))
                    .as(file::toString)
                    .isEqualTo(expected.residenceDays());
            assertThat(Determined.figure(determination, "fee"))
                    .as(file::toString)
                    .isEqualTo(expected.fee());
            assertThat(determination.dueBy()).as(file::toString).isEqualTo(expected.dueBy());
            outcomes.add(Determined.outcome(determination));
            codes.addAll(determination.missing());
        }
        assertThat(outcomes).hasSize(6);
        assertThat(codes).as("every code of the chapter").hasSize(19);
    }

    @Test
    public void theWorkingChangesNothingAndEveryStepHasItsSentence() {
        Random random = new Random(13);
        for (int i = 0; i < 1_000; i++) {
            Determined.checkWorking(new ConductCertificate(), any(random).file());
        }
    }

    /** Now and then something is wrong with it, most often nothing. */
    private static Certificate any(Random random) {
        Certificate certificate = new Certificate();
        LocalDate received = LocalDate.of(2026, 1, 5).plusDays(random.nextInt(900));
        certificate.received(received + "T10:00:00");
        certificate.photo = Certificate.photo(
                "JPEG",
                826,
                1062,
                614_000,
                received.minusDays(random.nextInt(150)).toString());
        certificate.livedNowhere();
        for (int i = random.nextInt(3); i >= 0; i--) {
            LocalDate from = received.minusDays(random.nextInt(4_200));
            certificate.lived(
                    from.toString(),
                    random.nextInt(4) == 0
                            ? Optional.empty()
                            : Optional.of(from.plusDays(random.nextInt(300)).toString()));
        }
        certificate.copies = Optional.of(1 + random.nextInt(5));
        certificate.fast = random.nextBoolean();
        certificate.handedOver(
                Handover.Way.values()[random.nextInt(3)],
                Handover.By.values()[random.nextInt(2)],
                random.nextBoolean());
        certificate.register = random.nextInt(6) == 0
                ? Optional.empty()
                : Optional.of(PoliceRegister.values()[random.nextInt(PoliceRegister.values().length)]);
        certificate.payment = random.nextInt(4) == 0
                ? Optional.empty()
                : Certificate.paid(
                        LocalDate.of(2025, 12, 20).plusDays(random.nextInt(30)).toString(),
                        Payment.Channel.values()[random.nextInt(2)]);
        certificate.issuedOn =
                random.nextBoolean() ? Optional.of(received.plusDays(random.nextInt(20))) : Optional.empty();
        if (random.nextInt(3) == 0) {
            spoil(certificate, received, random);
        }
        return certificate;
    }

    private static void spoil(Certificate certificate, LocalDate received, Random random) {
        switch (random.nextInt(16)) {
            case 0 -> certificate.passport = Optional.empty();
            case 1 ->
                certificate.passport =
                        Certificate.passport("Runa Ostby", "1994-05-21", "2025-12-31", Certificate.LINES);
            case 2 ->
                certificate.passport = Certificate.passport("Tove Lind", "1994-05-21", "2031-03-31", Certificate.LINES);
            case 3 ->
                certificate.passport =
                        Certificate.passport("Runa Ostby", "1994-05-20", "2031-03-31", Certificate.LINES);
            case 4 ->
                certificate.passport = Certificate.passport("Runa Ostby", "1994-05-21", "2031-03-31", mistyped(random));
            case 5 ->
                certificate.photo = Certificate.photo(
                        List.of("GIF", "PNG").get(random.nextInt(2)),
                        405 + random.nextInt(20),
                        525 + random.nextInt(20),
                        2_097_150 + random.nextInt(5),
                        received.minusMonths(6).plusDays(random.nextInt(3) - 1L).toString());
            case 6 ->
                certificate.photo = Certificate.photo(
                        "PNG",
                        740 + random.nextInt(90),
                        1_000,
                        9,
                        received.plusDays(1).toString());
            case 7 -> certificate.photo = Optional.empty();
            case 8 -> certificate.residence = Optional.empty();
            case 9 -> certificate.purpose = Optional.of(Purpose.values()[random.nextInt(Purpose.values().length)]);
            case 10 -> certificate.purpose = Optional.empty();
            case 11 -> certificate.country = Optional.empty();
            case 12 ->
                certificate.copies = random.nextBoolean() ? Optional.empty() : Optional.of(random.nextInt(2) * 6);
            case 13 -> certificate.handover = Optional.empty();
            case 14 -> certificate.identity = Optional.of(IdentityCheck.Result.values()[random.nextInt(2)]);
            default -> {
                certificate.signatures.clear();
                if (random.nextBoolean()) {
                    certificate.signatures.add(new Signature("m1", "Tove Lind", certificate.receivedAt));
                }
            }
        }
        if (random.nextInt(8) == 0) {
            certificate.born = received.minusYears(16).plusDays(random.nextInt(3) - 1L);
        }
    }

    /** The passport's lines with one digit of the second changed. */
    private static List<String> mistyped(Random random) {
        StringBuilder second = new StringBuilder(Certificate.LINES.getLast());
        int at = List.of(3, 9, 14, 19, 22, 27, 43).get(random.nextInt(7));
        second.setCharAt(at, (char) ('0' + (second.charAt(at) - '0' + 1 + random.nextInt(9)) % 10));
        return List.of(Certificate.LINES.getFirst(), second.toString());
    }
}
