package org.civitane.server.doubts;

import java.util.UUID;

/** The person in whose name a claim runs says, in this transaction, that they did not file it. */
public record Disowned(UUID claim) {}
