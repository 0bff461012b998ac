/** The states of a claim and what may follow what. */
@NullMarked
package org.civitane.core.claim;

import org.jspecify.annotations.NullMarked;
