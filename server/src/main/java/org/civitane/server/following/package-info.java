/** What follows a decision: what is paid, to which account, and when all of it is done. */
@NullMarked
package org.civitane.server.following;

import org.jspecify.annotations.NullMarked;
