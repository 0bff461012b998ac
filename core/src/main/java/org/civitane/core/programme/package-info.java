/** What a programme is, which there are, and what a determination says (rulebook 0.8). */
@NullMarked
package org.civitane.core.programme;

import org.jspecify.annotations.NullMarked;
