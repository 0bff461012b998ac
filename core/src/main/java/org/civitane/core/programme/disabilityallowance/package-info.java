/** Disability allowance (rulebook, chapter of that name). */
@NullMarked
package org.civitane.core.programme.disabilityallowance;

import org.jspecify.annotations.NullMarked;
