package org.civitane.server.documents;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * A document that was made out.
 *
 * @param kind by the programme's word
 * @param number in four groups, which nobody can guess
 * @param digest of its file
 * @param replaced whether another stands in its place
 * @param revoked that it was taken back; empty where it was not
 */
public record Issued(
        UUID id,
        UUID claim,
        String kind,
        String number,
        String digest,
        LocalDate issuedOn,
        LocalDate validUntil,
        boolean replaced,
        Optional<Revoked> revoked) {
    /** @param why told to its holder */
    public record Revoked(LocalDate on, String why) {}

    /** How a document stands for whoever is shown it. */
    public enum Standing {
        STANDS,
        REPLACED,
        REVOKED,
        LAPSED
    }

    /** Whether it stands no more, whatever the day: another does, or it was taken back. */
    boolean isGone() {
        return replaced || revoked.isPresent();
    }

    /** How it stands on a day; the last day counts. */
    public Standing on(LocalDate day) {
        return revoked.isPresent()
                ? Standing.REVOKED
                : replaced ? Standing.REPLACED : day.isAfter(validUntil) ? Standing.LAPSED : Standing.STANDS;
    }
}
