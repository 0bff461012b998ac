/** Which papers a claim needs, for whom and why. */
@NullMarked
package org.civitane.core.evidence;

import org.jspecify.annotations.NullMarked;
