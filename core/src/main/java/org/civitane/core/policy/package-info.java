/** Policy tables by effective date: the figures that policy makers change (rulebook 0.4). */
@NullMarked
package org.civitane.core.policy;

import org.jspecify.annotations.NullMarked;
