package org.civitane.server.doubts;

import java.time.LocalDate;
import java.util.Optional;

/**
 * A claim that is doubted: the person is asked whether they filed it (rulebook, identity, Casework).
 *
 * @param dueOn the last day to answer
 * @param why what is doubted, said to the person
 * @param mayAskForTime whether the one extension of up to ten days is still to be had
 */
public record Doubt(State state, LocalDate dueOn, String why, String askedBy, boolean mayAskForTime) {
    /** What came of it. */
    public enum State {
        ASKED,
        /** "Yes, I filed this." */
        FILED,
        /** "This was not me." */
        NOT_ME,
        /** Nobody answered; the claim is decided on what is there. */
        LAPSED
    }

    /** What the identity check takes from the answer; empty while there is none. */
    public Optional<Boolean> filedByClaimant() {
        return switch (state) {
            case FILED -> Optional.of(true);
            case NOT_ME -> Optional.of(false);
            case ASKED, LAPSED -> Optional.empty();
        };
    }
}
