package org.civitane.server.claims;

import java.util.UUID;

/** A claim that was held goes on in this transaction: whatever waited for that is taken up again. */
public record ClaimReleased(UUID claim) {}
