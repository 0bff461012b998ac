package org.civitane.core.casefile;

import java.time.LocalDateTime;

/**
 * A signature by typed name.
 *
 * @param member the id of the member who signed
 * @param name the name as typed
 * @param signedAt local agency time
 */
public record Signature(String member, String name, LocalDateTime signedAt) {}
