/** Claims: their state, whom they wait for, their editions and history, the day sheet and search. */
@NullMarked
package org.civitane.server.casework;

import org.jspecify.annotations.NullMarked;
