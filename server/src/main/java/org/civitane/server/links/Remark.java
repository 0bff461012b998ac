package org.civitane.server.links;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * What someone who signs says is not right, or what someone outside the household said once it was decided.
 *
 * @param path the fact it is about
 * @param member who says it: a member of the household, or whom outside it the claim asked
 * @param after whether it came after the decision, which stands
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
        boolean after,
        Optional<String> lookedBy,
        String reason) {}
