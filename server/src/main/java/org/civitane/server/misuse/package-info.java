/** Misuse that is looked into: a case, the claims that hang together with it, and what a supervisor does about them. */
@NullMarked
package org.civitane.server.misuse;

import org.jspecify.annotations.NullMarked;
