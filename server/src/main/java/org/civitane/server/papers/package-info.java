/** Papers of a claim: what is wanted, what came, what it looks like; files kept under the digest of what they hold. */
@NullMarked
package org.civitane.server.papers;

import org.jspecify.annotations.NullMarked;
