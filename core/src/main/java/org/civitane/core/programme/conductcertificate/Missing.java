package org.civitane.core.programme.conductcertificate;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.identity.CheckedDocument;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.person.MachineReadableZone;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Passport;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Photo;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Purpose;

/** What an application still needs (chapter, Incomplete). */
final class Missing {
    private static final int ALL = 100;

    private final ConductCertificateCase file;
    private final LocalDate receivedOn;
    private final ConductCertificatePolicy policy;
    private final MissingCodes codes = new MissingCodes();

    private Missing(ConductCertificateCase file, LocalDate receivedOn, ConductCertificatePolicy policy) {
        this.file = file;
        this.receivedOn = receivedOn;
        this.policy = policy;
    }

    /** Looks at everything that is asked for. */
    static MissingCodes of(ConductCertificateCase file, LocalDate receivedOn, ConductCertificatePolicy policy) {
        Missing missing = new Missing(file, receivedOn, policy);
        missing.look();
        return missing.codes;
    }

    private void look() {
        codes.requireGiven("passport", file.passport());
        file.passport().ifPresent(this::lookAt);
        codes.require("residence", file.residence().isPresent());
        codes.require("purpose", file.purpose().isPresent());
        codes.require("country", file.country().isPresent());
        codes.require("explanation", !isFor(Purpose.OTHER) || file.explanation().isPresent());
        codes.require(
                "letter",
                file.letter() || file.purpose().filter(Purpose::needsLetter).isEmpty());
        codes.requireGiven("photo", file.photo());
        file.photo().ifPresent(this::lookAt);
        codes.require(
                "copies",
                file.copies()
                        .filter(copies -> copies >= 1 && copies <= policy.mostCopies)
                        .isPresent());
        codes.require("handover", file.handover().isPresent());
        codes.require("identity", file.identity().equals(Optional.of(IdentityCheck.Result.CONFIRMED)));
        codes.add(Signatures.missingOf(file, file.applicant()));
    }

    private void lookAt(Passport passport) {
        codes.require("passport", !passport.expiresOn().isBefore(receivedOn));
        Optional<MachineReadableZone> zone =
                MachineReadableZone.read(passport.mrz()).filter(MachineReadableZone::checkDigitsRight);
        boolean agrees = zone.filter(z -> !CheckedDocument.zoneDiffers(
                        z,
                        passport.name(),
                        Optional.of(passport.dateOfBirth()),
                        Optional.of(passport.expiresOn()),
                        receivedOn))
                .isPresent();
        codes.require("passport-mrz", agrees);
    }

    private void lookAt(Photo photo) {
        codes.require(
                "photo-format", photo.format().equals("JPEG") || photo.format().equals("PNG"));
        codes.require(
                "photo-size",
                photo.widthPx() >= policy.photoLeastWidth
                        && photo.heightPx() >= policy.photoLeastHeight
                        && photo.bytes() <= policy.photoMostBytes);
        long shape = (long) ALL * photo.widthPx();
        codes.require(
                "photo-shape",
                shape >= (long) policy.photoLeastShapePercent * photo.heightPx()
                        && shape <= (long) policy.photoMostShapePercent * photo.heightPx());
        codes.require(
                "photo-age",
                !photo.takenOn().isBefore(receivedOn.minusMonths(policy.photoMonths))
                        && !photo.takenOn().isAfter(receivedOn));
    }

    private boolean isFor(Purpose purpose) {
        return file.purpose().equals(Optional.of(purpose));
    }
}
