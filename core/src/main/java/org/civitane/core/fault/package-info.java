/** What can be wrong with what people hand in, as codes with their words. */
@NullMarked
package org.civitane.core.fault;

import org.jspecify.annotations.NullMarked;
