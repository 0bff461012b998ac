/**
 * Whoever has no account answers by a link of their own: others who sign, and whom outside the household a claim asks.
 */
@NullMarked
package org.civitane.server.links;

import org.jspecify.annotations.NullMarked;
