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
 * @param dueOn the last day to answer, with the more time that was granted
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

    /** How many points nobody has answered. */
    public int open() {
        return (int) points.stream().filter(Point::isOpen).count();
    }

    FixList as(State newState, List<Point> newPoints) {
        return new FixList(id, claim, round, newState, dueOn, then, newPoints, sentAt, version);
    }

    FixList sent(List<Point> newPoints, Instant at) {
        return new FixList(id, claim, round, State.SENT, dueOn, then, newPoints, Optional.of(at), version);
    }

    FixList written(List<Point> newPoints, LocalDate due, Then thenWhat) {
        return new FixList(id, claim, round, State.DRAFT, due, thenWhat, newPoints, Optional.empty(), version);
    }
}
