package org.civitane.server.documents;

import java.time.LocalDate;
import java.util.UUID;

/**
 * A document that was made out.
 *
 * @param kind by the programme's word
 * @param number in four groups, which nobody can guess
 * @param digest of its file
 * @param replaced whether another stands in its place
 */
public record Issued(
        UUID id,
        UUID claim,
        String kind,
        String number,
        String digest,
        LocalDate issuedOn,
        LocalDate validUntil,
        boolean replaced) {
    /** How a document stands for whoever is shown it. */
    public enum Standing {
        STANDS,
        REPLACED,
        LAPSED
    }

    /** How it stands on a day; the last day counts. */
    public Standing on(LocalDate day) {
        return replaced ? Standing.REPLACED : day.isAfter(validUntil) ? Standing.LAPSED : Standing.STANDS;
    }
}
