/** Case files and determinations as documented JSON. */
@NullMarked
package org.civitane.exchange.casefile;

import org.jspecify.annotations.NullMarked;
