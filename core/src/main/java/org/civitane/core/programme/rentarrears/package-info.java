/** Rent arrears relief: rent owed, and a little ahead, for tenants in hardship. */
@NullMarked
package org.civitane.core.programme.rentarrears;

import org.jspecify.annotations.NullMarked;
