/** Who owes what by which day, more time for it, and what happens when it does not come. */
@NullMarked
package org.civitane.server.asks;

import org.jspecify.annotations.NullMarked;
