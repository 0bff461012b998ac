/** Business days, receipt and deadlines (rulebook 0.3). */
@NullMarked
package org.civitane.core.calendar;

import org.jspecify.annotations.NullMarked;
