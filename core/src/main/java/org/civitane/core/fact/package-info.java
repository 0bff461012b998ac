/** What facts there are: where each stands, what it looks like, whose word it is, and what it means when one is lacking. */
@NullMarked
package org.civitane.core.fact;

import org.jspecify.annotations.NullMarked;
