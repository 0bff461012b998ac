/** Fees that follow a decision: asked for once, paid on a page of the payment service, booked in double entry. */
@NullMarked
package org.civitane.server.fees;

import org.jspecify.annotations.NullMarked;
