package org.civitane.server.doubts;

import java.util.UUID;

/** Something that the identity check of a claim looks at changed in this transaction. */
public record IdentityMayChange(UUID claim) {}
