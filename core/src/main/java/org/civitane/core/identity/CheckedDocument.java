package org.civitane.core.identity;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.person.MachineReadableZone;
import org.civitane.core.person.Names;

/**
 * A document with its faults.
 *
 * @param faults all that apply, in their order; a document without any is usable
 */
public record CheckedDocument(String id, DocumentCategory category, List<DocumentFault> faults) {
    public CheckedDocument {
        faults = List.copyOf(faults);
    }

    public boolean isUsable() {
        return faults.isEmpty();
    }

    /** Checks a document against who someone says they are. */
    public static CheckedDocument of(IdentityDocument document, Claimed claimed, LocalDate on) {
        DocumentType type = DocumentType.named(document.type());
        List<DocumentFault> faults = new ArrayList<>();
        if (!document.isReadable()) {
            faults.add(DocumentFault.UNREADABLE);
        }
        if (type.category() == DocumentCategory.NONE) {
            faults.add(DocumentFault.NOT_ACCEPTED);
        }
        if (document.expiresOn().filter(expires -> expires.isBefore(on)).isPresent()) {
            faults.add(DocumentFault.EXPIRED);
        }
        if (type.category() == DocumentCategory.PHOTO && document.expiresOn().isEmpty()) {
            faults.add(DocumentFault.NO_EXPIRY);
        }
        if (type.isTooOld(document.issuedOn(), on)) {
            faults.add(DocumentFault.TOO_OLD);
        }
        document.mrz().ifPresent(lines -> addZoneFaults(lines, document, on, faults));
        if (isOfSomebodyElse(document.name(), claimed.name())) {
            faults.add(DocumentFault.NAME);
        }
        if (document.dateOfBirth()
                .filter(born -> !born.equals(claimed.dateOfBirth()))
                .isPresent()) {
            faults.add(DocumentFault.BIRTH_DATE);
        }
        return new CheckedDocument(document.id(), type.category(), faults);
    }

    /**
     * Whether the zone says something else than what stands on the document: another name, or a date that differs or
     * cannot be read where the document gives one.
     */
    public static boolean zoneDiffers(
            MachineReadableZone zone,
            String name,
            Optional<LocalDate> dateOfBirth,
            Optional<LocalDate> expiresOn,
            LocalDate on) {
        return zone.nameDiffersFrom(name)
                || dateOfBirth.isPresent() && !dateOfBirth.equals(zone.dateOfBirth(on))
                || expiresOn.isPresent() && !expiresOn.equals(zone.expiresOn());
    }

    private static void addZoneFaults(
            List<String> lines, IdentityDocument document, LocalDate on, List<DocumentFault> faults) {
        Optional<MachineReadableZone> zone = MachineReadableZone.read(lines);
        if (zone.filter(MachineReadableZone::checkDigitsRight).isEmpty()) {
            faults.add(DocumentFault.MRZ_CHECK);
        }
        boolean differs = zone.filter(
                        z -> zoneDiffers(z, document.name(), document.dateOfBirth(), document.expiresOn(), on))
                .isPresent();
        if (differs) {
            faults.add(DocumentFault.MRZ_DIFFERS);
        }
    }

    private static boolean isOfSomebodyElse(String onDocument, String claimed) {
        return Names.tokens(onDocument).isEmpty() || Names.compare(onDocument, claimed) == Names.Verdict.CONFLICT;
    }
}
