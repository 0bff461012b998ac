/** Registering an estate (rulebook, chapter of that name). */
@NullMarked
package org.civitane.core.programme.estateregistration;

import org.jspecify.annotations.NullMarked;
