package org.civitane.core.programme.conductcertificate;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Handover;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Passport;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Payment;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Photo;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.PoliceRegister;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Purpose;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Stay;

/** An application in the making, for tests: complete, paid, and clear in the police register, unless told otherwise. */
final class Certificate {
    static final List<String> LINES =
            List.of("P<XHVOSTBY<<RUNA<<<<<<<<<<<<<<<<<<<<<<<<<<<<", "XH44109273XHV9405217F3103315<<<<<<<<<<<<<<02");

    LocalDateTime receivedAt = LocalDateTime.of(2026, 9, 14, 10, 0);
    LocalDate born = LocalDate.of(1994, 5, 21);
    Optional<Passport> passport = passport("Runa Ostby", "1994-05-21", "2031-03-31", LINES);
    Optional<List<Stay>> residence = Optional.of(new ArrayList<>());
    Optional<Purpose> purpose = Optional.of(Purpose.WORK);
    Optional<String> country = Optional.of("NO");
    Optional<String> explanation = Optional.empty();
    boolean letter;
    Optional<Photo> photo = photo("JPEG", 826, 1062, 614_000, "2026-08-30");
    Optional<Integer> copies = Optional.of(1);
    boolean fast;
    Optional<Handover> handover = Optional.of(new Handover(Handover.Way.DESK, Handover.By.HOLDER, false));
    Optional<IdentityCheck.Result> identity = Optional.of(IdentityCheck.Result.CONFIRMED);
    Optional<PoliceRegister> register = Optional.of(PoliceRegister.CLEAR);
    Optional<Payment> payment = paid("2026-09-14", Payment.Channel.ONLINE);
    Optional<LocalDate> issuedOn = Optional.empty();
    List<Signature> signatures = new ArrayList<>();

    Certificate() {
        lived("1994-05-21", Optional.empty());
        signatures.add(new Signature("m1", "Runa Ostby", receivedAt));
    }

    static Optional<Passport> passport(String name, String born, String expires, List<String> lines) {
        return Optional.of(new Passport("XH4410927", name, LocalDate.parse(born), LocalDate.parse(expires), lines));
    }

    static Optional<Photo> photo(String format, int width, int height, long bytes, String taken) {
        return Optional.of(new Photo(format, width, height, bytes, LocalDate.parse(taken)));
    }

    static Optional<Payment> paid(String day, Payment.Channel channel) {
        return Optional.of(new Payment(true, Optional.of(LocalDate.parse(day)), Optional.of(channel)));
    }

    Certificate lived(String from, Optional<String> to) {
        residence.orElseThrow().add(new Stay(LocalDate.parse(from), to.map(LocalDate::parse)));
        return this;
    }

    Certificate livedNowhere() {
        residence.orElseThrow().clear();
        return this;
    }

    Certificate received(String moment) {
        receivedAt = LocalDateTime.parse(moment);
        return this;
    }

    Certificate handedOver(Handover.Way way, Handover.By by, boolean authority) {
        handover = Optional.of(new Handover(way, by, authority));
        return this;
    }

    ConductCertificateCase file() {
        Person applicant = new Person("m1", "Runa", "Ostby", born, Relationship.SELF);
        return new ConductCertificateCase(
                receivedAt,
                List.of(applicant),
                List.of(),
                List.of(),
                passport,
                residence,
                purpose,
                country,
                explanation,
                letter,
                photo,
                copies,
                fast,
                handover,
                identity,
                register,
                payment,
                issuedOn,
                signatures);
    }

    Determination determined() {
        return Determined.silently(new ConductCertificate(), file());
    }

    String figure(String name) {
        return Determined.figure(determined(), name);
    }

    String more(String name) {
        return Determined.more(determined(), name);
    }

    String outcome() {
        return Determined.outcome(determined());
    }
}
