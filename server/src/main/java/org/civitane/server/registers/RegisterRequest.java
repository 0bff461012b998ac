package org.civitane.server.registers;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/**
 * One question to a register, and how it stands.
 *
 * @param question what was asked about, such as a case number
 * @param triedAt when it was last asked
 * @param answer what it answered; {@code {"known": false}} when it has no such entry
 */
public record RegisterRequest(
        UUID id,
        UUID claim,
        String register,
        String question,
        State state,
        int attempts,
        Instant askedAt,
        Optional<Instant> triedAt,
        Optional<JsonNode> answer) {
    /** How a question stands. */
    public enum State {
        /** On its way. */
        ASKED,
        /** Asked at least once without an answer; asked again by itself with growing pauses. */
        SILENT,
        ANSWERED
    }
}
