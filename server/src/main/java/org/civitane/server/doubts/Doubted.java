package org.civitane.server.doubts;

import java.util.UUID;

/** The person behind a claim is asked, in this transaction, whether they filed it. */
public record Doubted(UUID claim) {}
