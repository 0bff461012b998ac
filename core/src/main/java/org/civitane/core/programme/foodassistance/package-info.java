/** Food assistance: a monthly amount toward groceries for people who buy and prepare food together. */
@NullMarked
package org.civitane.core.programme.foodassistance;

import org.jspecify.annotations.NullMarked;
