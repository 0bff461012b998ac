/** What a claim has to show, worked out from its settled facts, and how far that is. */
@NullMarked
package org.civitane.server.evidence;

import org.jspecify.annotations.NullMarked;
