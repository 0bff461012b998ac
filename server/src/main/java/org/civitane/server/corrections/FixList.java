package org.civitane.server.corrections;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A correction request.
 *
 * @param round 1 for the first of a claim
 * @param dueOn the last day to answer
 * @param then what happens after it
 * @param sentAt empty while it is being written
 */
public record FixList(
        UUID id,
        UUID claim,
        int round,
        State state,
        LocalDate dueOn,
        Then then,
        List<Point> points,
        Optional<Instant> sentAt,
        int version) {
    /** How far it is. */
    public enum State {
        DRAFT,
        SENT,
        ANSWERED,
        LAPSED
    }

    /** What happens when the due date passes unanswered. */
    public enum Then {
        /** The claim is decided on what is there. */
        DECIDE,
        /** The claim is closed as incomplete. */
        CLOSE
    }
}
