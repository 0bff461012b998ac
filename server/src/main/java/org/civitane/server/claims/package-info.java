/** Claims: their state, whom they wait for, their editions and history. */
@NullMarked
package org.civitane.server.claims;

import org.jspecify.annotations.NullMarked;
