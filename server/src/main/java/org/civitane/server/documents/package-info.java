/** Documents that are made out: numbered so that nobody can guess, kept for good, and checked by whoever is shown one. */
@NullMarked
package org.civitane.server.documents;

import org.jspecify.annotations.NullMarked;
