package org.civitane.server.registers;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/**
 * One question to a register, and how it stands.
 *
 * @param subject the member it is about; empty for the household
 * @param question what was asked about, such as a case number; otherwise JSON
 * @param triedAt when it was last asked
 * @param answer what it answered; {@code {"known": false}} when it has no such entry
 * @param because why it is done without, when it is
 */
public record RegisterRequest(
        UUID id,
        UUID claim,
        Register register,
        String subject,
        String question,
        State state,
        int attempts,
        Instant askedAt,
        Optional<Instant> triedAt,
        Optional<JsonNode> answer,
        String because) {
    /** How a question stands. */
    public enum State {
        /** On its way. */
        ASKED,
        /** Asked at least once without an answer; asked again by itself with growing pauses. */
        SILENT,
        ANSWERED,
        /** A caseworker goes on without an answer, and said why. */
        WITHOUT
    }

    /** Whether an answer may still come and nobody said that it is not needed. */
    public boolean isAwaited() {
        return state == State.ASKED || state == State.SILENT;
    }
}
