/** Housing waiting lists (rulebook, chapter of that name). */
@NullMarked
package org.civitane.core.programme.housinglist;

import org.jspecify.annotations.NullMarked;
