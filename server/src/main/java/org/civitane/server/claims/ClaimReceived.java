package org.civitane.server.claims;

import java.util.UUID;

/** A claim was handed in, or its application changed: registers may have to be asked. */
public record ClaimReceived(UUID claim) {}
