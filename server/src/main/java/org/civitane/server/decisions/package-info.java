/** Deciding claims, and the letters that say so. */
@NullMarked
package org.civitane.server.decisions;

import org.jspecify.annotations.NullMarked;
