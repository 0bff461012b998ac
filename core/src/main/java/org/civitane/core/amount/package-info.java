/** Exact amounts of money, how often they come, and the only ways in which they may be rounded. */
@NullMarked
package org.civitane.core.amount;

import org.jspecify.annotations.NullMarked;
