package org.civitane.server.following;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.platform.Phrase;

/**
 * Something that follows a decision but for money.
 *
 * @param what what is to be done, as a phrase
 * @param doneBy who did it, once it is done
 * @param note what they say of it: a number, what came of it
 */
public record FollowUp(
        UUID id, UUID claim, Phrase what, LocalDate dueOn, State state, Optional<String> doneBy, String note) {
    /** How far it is. */
    public enum State {
        PLANNED,
        /** Its day has come. */
        DUE,
        DONE,
        /** Nobody needs it any more. */
        STOPPED;

        /** Whether something still has to happen. */
        public boolean isOpen() {
            return this == PLANNED || this == DUE;
        }
    }
}
