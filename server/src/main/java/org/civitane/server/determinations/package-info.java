/** Runs determinations on claims as they stand, and keeps what a decision rested on. */
@NullMarked
package org.civitane.server.determinations;

import org.jspecify.annotations.NullMarked;
