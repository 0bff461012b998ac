/** What applicants do before a claim exists: the check, drafts, the estimate, signing and handing in. */
@NullMarked
package org.civitane.server.intake;

import org.jspecify.annotations.NullMarked;
