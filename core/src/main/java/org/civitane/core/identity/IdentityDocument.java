package org.civitane.core.identity;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * A document that is to show who someone is.
 *
 * @param type in the rulebook's word; other words are types that are not accepted
 * @param name as it stands on the document
 * @param mrz the lines of its machine-readable zone, when it has one
 * @param readable true when not given
 */
public record IdentityDocument(
        String id,
        String type,
        String name,
        Optional<LocalDate> dateOfBirth,
        Optional<LocalDate> issuedOn,
        Optional<LocalDate> expiresOn,
        Optional<List<String>> mrz,
        Optional<Boolean> readable) {
    public IdentityDocument {
        mrz = mrz.map(List::copyOf);
    }

    /** The same with these lines for machines. */
    public IdentityDocument withZone(List<String> lines) {
        return new IdentityDocument(id, type, name, dateOfBirth, issuedOn, expiresOn, Optional.of(lines), readable);
    }

    boolean isReadable() {
        return readable.orElse(true);
    }
}
