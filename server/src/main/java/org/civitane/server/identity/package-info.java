/** How people show who they are: what is asked, what they send, what the check makes of it, and the receipt. */
@NullMarked
package org.civitane.server.identity;

import org.jspecify.annotations.NullMarked;
