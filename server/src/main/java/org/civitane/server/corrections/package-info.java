/** Fix lists: what the applicant is asked to put right, by when, and what happens then. */
@NullMarked
package org.civitane.server.corrections;

import org.jspecify.annotations.NullMarked;
