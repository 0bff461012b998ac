/** Whether the person in whose name a claim runs filed it: asked, answered, lapsed. */
@NullMarked
package org.civitane.server.doubts;

import org.jspecify.annotations.NullMarked;
