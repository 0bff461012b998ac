package org.civitane.server.verification;

import java.util.UUID;

/** Something that the identity check of a claim looks at changed in this transaction. */
record IdentityMayChange(UUID claim) {}
