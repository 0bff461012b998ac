/** The questions a programme asks: in which order, and when a question shows. */
@NullMarked
package org.civitane.core.question;

import org.jspecify.annotations.NullMarked;
