/** Mortgage arrears relief (rulebook, chapter of that name). */
@NullMarked
package org.civitane.core.programme.mortgagearrears;

import org.jspecify.annotations.NullMarked;
