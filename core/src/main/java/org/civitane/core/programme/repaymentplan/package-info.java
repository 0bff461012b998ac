/** A plan to pay a debt to the agency in instalments (rulebook, chapter repayment plan). */
@NullMarked
package org.civitane.core.programme.repaymentplan;

import org.jspecify.annotations.NullMarked;
