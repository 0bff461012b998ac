/** Adjustments at a place of learning (rulebook, chapter support at a place of learning). */
@NullMarked
package org.civitane.core.programme.supportintake;

import org.jspecify.annotations.NullMarked;
