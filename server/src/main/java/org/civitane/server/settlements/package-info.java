/** The one settled value of a fact, with who settled it and why, and a claim's case with what is settled laid over it. */
@NullMarked
package org.civitane.server.settlements;

import org.jspecify.annotations.NullMarked;
