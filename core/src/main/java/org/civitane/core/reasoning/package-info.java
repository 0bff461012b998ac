/** The working: how a figure or verdict came about, recorded while it is computed. */
@NullMarked
package org.civitane.core.reasoning;

import org.jspecify.annotations.NullMarked;
