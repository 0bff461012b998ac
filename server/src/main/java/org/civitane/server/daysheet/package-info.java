/** The caseworker's start: claims in four stacks, the week, and whom claims wait for. */
@NullMarked
package org.civitane.server.daysheet;

import org.jspecify.annotations.NullMarked;
