/** Paid leave: part of a worker's pay while they are away for health, care, a new child or safety. */
@NullMarked
package org.civitane.core.programme.paidleave;

import org.jspecify.annotations.NullMarked;
