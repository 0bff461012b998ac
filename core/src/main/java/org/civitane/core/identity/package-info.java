/** Who a person is, and how sure that is (rulebook, chapter identity). */
@NullMarked
package org.civitane.core.identity;

import org.jspecify.annotations.NullMarked;
