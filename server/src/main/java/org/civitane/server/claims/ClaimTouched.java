package org.civitane.server.claims;

import java.util.UUID;

/** Something about a claim changed in this transaction; where it stands may have changed with it. */
public record ClaimTouched(UUID claim) {}
