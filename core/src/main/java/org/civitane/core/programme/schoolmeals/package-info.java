/** School meals: free or reduced-price meals for the pupils of a household. */
@NullMarked
package org.civitane.core.programme.schoolmeals;

import org.jspecify.annotations.NullMarked;
