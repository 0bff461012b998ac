/** A claim read once, for everything that is answered from it. */
@NullMarked
package org.civitane.server.dossier;

import org.jspecify.annotations.NullMarked;
