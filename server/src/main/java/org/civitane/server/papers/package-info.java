/** Files, kept under the digest of what they hold. */
@NullMarked
package org.civitane.server.papers;

import org.jspecify.annotations.NullMarked;
