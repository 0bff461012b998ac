/** Valuation review: an owner says the value on which their home is taxed is too high. */
@NullMarked
package org.civitane.core.programme.valuationreview;

import org.jspecify.annotations.NullMarked;
