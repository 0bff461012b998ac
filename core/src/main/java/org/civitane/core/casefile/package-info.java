/** The records that the case files of all programmes share. */
@NullMarked
package org.civitane.core.casefile;

import org.jspecify.annotations.NullMarked;
