/** Benchmarks of the core; the figures stand in docs/performance.md. */
@NullMarked
package org.civitane.bench;

import org.jspecify.annotations.NullMarked;
