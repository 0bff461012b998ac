/** One claim as the caseworker sees it: what stands in its way, its facts, its outcome, its next step. */
@NullMarked
package org.civitane.server.desk;

import org.jspecify.annotations.NullMarked;
