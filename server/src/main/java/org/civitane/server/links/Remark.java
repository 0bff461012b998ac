package org.civitane.server.links;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * What someone who signs says is not right.
 *
 * @param path the fact it is about
 * @param label what that fact is called
 * @param lookedBy the caseworker who looked at it, once one has
 * @param reason what they found
 */
public record Remark(
        UUID id,
        String member,
        String path,
        String label,
        String words,
        Instant at,
        Optional<String> lookedBy,
        String reason) {}
