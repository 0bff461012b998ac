/**
 * Looks at files that are not trusted, in processes of their own: whatever a file does there costs at most its turn,
 * bounded in memory, processor time and time, and the server goes on.
 */
@NullMarked
package org.civitane.server.papers.looking;

import org.jspecify.annotations.NullMarked;
