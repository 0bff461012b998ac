/** Policy tables as they ship, in YAML. */
@NullMarked
package org.civitane.exchange.policy;

import org.jspecify.annotations.NullMarked;
