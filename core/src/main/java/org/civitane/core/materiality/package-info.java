/** Whether an open difference can change an outcome (rulebook, "Does it matter?"). */
@NullMarked
package org.civitane.core.materiality;

import org.jspecify.annotations.NullMarked;
