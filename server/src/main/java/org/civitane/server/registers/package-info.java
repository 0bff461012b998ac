/** Asks outside registers through the job queue: time-outs, retries, and a visible state while they are silent. */
@NullMarked
package org.civitane.server.registers;

import org.jspecify.annotations.NullMarked;
