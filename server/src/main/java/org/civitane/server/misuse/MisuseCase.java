package org.civitane.server.misuse;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * One case of suspected misuse.
 *
 * @param claim the claim of which the person said that it was not theirs
 * @param household the name under which it was filed
 * @param words what the supervisor said when it was closed
 */
public record MisuseCase(
        UUID id,
        UUID claim,
        String number,
        String household,
        State state,
        Instant openedAt,
        String words,
        List<Linked> linked) {
    /** How far it is. */
    public enum State {
        OPEN,
        /** Nothing in it: the claims go on. */
        RELEASED,
        /** Handed on to those who prosecute; the claims stay frozen. */
        REFERRED
    }

    /**
     * A claim that hangs together with it.
     *
     * @param since whether it was handed in after the case was opened
     * @param by what they share, in words
     */
    public record Linked(
            UUID claim,
            String number,
            String programme,
            String household,
            String state,
            boolean since,
            List<String> by) {}
}
