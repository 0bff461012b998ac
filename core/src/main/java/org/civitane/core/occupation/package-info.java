/** Occupations by their ISCO-08 unit groups (rulebook 0.5). */
@NullMarked
package org.civitane.core.occupation;

import org.jspecify.annotations.NullMarked;
