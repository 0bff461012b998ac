/** The server. */
@NullMarked
package org.civitane.server;

import org.jspecify.annotations.NullMarked;
