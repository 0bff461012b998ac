package org.civitane.server.claims;

import java.util.UUID;

/** A claim was decided, closed or taken back in this transaction: nothing more is needed for it. */
public record ClaimEnded(UUID claim) {}
