/** The policy tables as the database holds them. */
@NullMarked
package org.civitane.server.policies;

import org.jspecify.annotations.NullMarked;
