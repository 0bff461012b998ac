/** What was done out of the ordinary, for whoever checks how claims are worked. It reads histories, and changes nothing. */
@NullMarked
package org.civitane.server.audit;

import org.jspecify.annotations.NullMarked;
