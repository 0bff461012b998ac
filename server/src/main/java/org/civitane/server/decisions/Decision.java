package org.civitane.server.decisions;

import java.time.Instant;
import java.util.UUID;
import org.civitane.server.platform.Phrase;

/**
 * A decision.
 *
 * @param run the kept determination it rests on
 * @param reason what the caseworker adds; empty for nothing
 * @param letter the digest of the letter that went out
 */
public record Decision(UUID claim, UUID run, Kind kind, Phrase reason, Phrase by, Instant at, String letter) {
    /** What was decided. */
    public enum Kind {
        /** The outcomes of the determination. */
        DETERMINED,
        /** Paid on identity alone, since the household cannot wait; the rest is still to be shown. */
        URGENT,
        /** Closed as incomplete: nothing is decided on the merits. */
        CLOSED
    }
}
