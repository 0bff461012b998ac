/** Turns JSON into records of the core, with every fault pointed at by JSON Pointer. */
@NullMarked
package org.civitane.exchange.binding;

import org.jspecify.annotations.NullMarked;
