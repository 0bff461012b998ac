/** Change of name (rulebook, chapter of that name). */
@NullMarked
package org.civitane.core.programme.namechange;

import org.jspecify.annotations.NullMarked;
