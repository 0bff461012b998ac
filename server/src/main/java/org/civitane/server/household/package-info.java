/** People as the agency knows them across claims. Nothing merges by itself: a caseworker confirms or refuses. */
@NullMarked
package org.civitane.server.household;

import org.jspecify.annotations.NullMarked;
