/** Registering a taxpayer (rulebook, chapter of that name). */
@NullMarked
package org.civitane.core.programme.payerregistration;

import org.jspecify.annotations.NullMarked;
