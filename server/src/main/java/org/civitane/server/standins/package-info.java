/** Outside services, simulated, over real HTTP, with faults that tests and the demo switch on. */
@NullMarked
package org.civitane.server.standins;

import org.jspecify.annotations.NullMarked;
