package org.civitane.core.programme.conductcertificate;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.identity.CheckedDocument;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.person.MachineReadableZone;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Passport;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Photo;
import org.civitane.core.programme.conductcertificate.ConductCertificateCase.Purpose;
import org.civitane.core.reasoning.CodePoints;

/** What an application still needs (chapter, Incomplete). */
final class Missing {
    private static final int ALL = 100;

    private final ConductCertificateCase file;
    private final LocalDate receivedOn;
    private final ConductCertificatePolicy policy;
    private final SortedSet<String> codes = CodePoints.sortedSet();

    private Missing(ConductCertificateCase file, LocalDate receivedOn, ConductCertificatePolicy policy) {
        this.file = file;
        this.receivedOn = receivedOn;
        this.policy = policy;
    }

    /** The codes, sorted. */
    static List<String> of(ConductCertificateCase file, LocalDate receivedOn, ConductCertificatePolicy policy) {
        Missing missing = new Missing(file, receivedOn, policy);
        missing.look();
        return List.copyOf(missing.codes);
    }

    private void look() {
        file.passport().ifPresentOrElse(this::lookAt, () -> codes.add("passport"));
        require("residence", file.residence().isPresent());
        require("purpose", file.purpose().isPresent());
        require("country", file.country().isPresent());
        require("explanation", !isFor(Purpose.OTHER) || file.explanation().isPresent());
        require("letter", file.letter() || !isFor(Purpose.ADOPTION) && !isFor(Purpose.RESIDENCE));
        file.photo().ifPresentOrElse(this::lookAt, () -> codes.add("photo"));
        require(
                "copies",
                file.copies()
                        .filter(copies -> copies >= 1 && copies <= policy.mostCopies)
                        .isPresent());
        require("handover", file.handover().isPresent());
        require("identity", file.identity().equals(Optional.of(IdentityCheck.Result.CONFIRMED)));
        Signatures.missingOf(file, file.applicant()).ifPresent(codes::add);
    }

    private void lookAt(Passport passport) {
        require("passport", !passport.expiresOn().isBefore(receivedOn));
        Optional<MachineReadableZone> zone =
                MachineReadableZone.read(passport.mrz()).filter(MachineReadableZone::checkDigitsRight);
        boolean agrees = zone.filter(z -> !CheckedDocument.zoneDiffers(
                        z,
                        passport.name(),
                        Optional.of(passport.dateOfBirth()),
                        Optional.of(passport.expiresOn()),
                        receivedOn))
                .isPresent();
        require("passport-mrz", agrees);
    }

    private void lookAt(Photo photo) {
        require("photo-format", photo.format().equals("JPEG") || photo.format().equals("PNG"));
        require(
                "photo-size",
                photo.widthPx() >= policy.photoLeastWidth
                        && photo.heightPx() >= policy.photoLeastHeight
                        && photo.bytes() <= policy.photoMostBytes);
        long shape = (long) ALL * photo.widthPx();
        require(
                "photo-shape",
                shape >= (long) policy.photoLeastShapePercent * photo.heightPx()
                        && shape <= (long) policy.photoMostShapePercent * photo.heightPx());
        require(
                "photo-age",
                !photo.takenOn().isBefore(receivedOn.minusMonths(policy.photoMonths))
                        && !photo.takenOn().isAfter(receivedOn));
    }

    private boolean isFor(Purpose purpose) {
        return file.purpose().equals(Optional.of(purpose));
    }

    private void require(String code, boolean there) {
        if (!there) {
            codes.add(code);
        }
    }
}
