/** The facts of a claim in their views, and what was settled, by whom and why. */
@NullMarked
package org.civitane.server.verification;

import org.jspecify.annotations.NullMarked;
