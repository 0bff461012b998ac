/** Money in and money out, in double entry. */
@NullMarked
package org.civitane.server.ledger;

import org.jspecify.annotations.NullMarked;
