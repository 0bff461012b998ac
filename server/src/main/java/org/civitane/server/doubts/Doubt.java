package org.civitane.server.doubts;

import java.time.LocalDate;
import java.util.Optional;

/**
 * Someone is asked to show who they are, and where the claim is doubted whether they filed it (rulebook, identity,
 * Casework).
 *
 * @param occasion why they are asked
 * @param dueOn the last day to answer
 * @param why what is doubted, said to the person
 * @param mayAskForTime whether the one extension of up to ten days is still to be had
 */
public record Doubt(
        State state, Occasion occasion, LocalDate dueOn, String why, String askedBy, boolean mayAskForTime) {
    /** Why someone is asked to show who they are. */
    public enum Occasion {
        /** Something speaks against the claim being theirs: they are asked whether they filed it, too. */
        DOUBTED,
        /** A decision of another service rests on it. */
        OTHER_SERVICE,
        /** No register could confirm them. */
        INTAKE
    }

    /** What came of it. */
    public enum State {
        ASKED,
        /** "Yes, I filed this", with what they have to show. */
        FILED,
        /** They were not asked whether they filed it, and handed in what they have to show. */
        SHOWN,
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
            case ASKED, SHOWN, LAPSED -> Optional.empty();
        };
    }
}
