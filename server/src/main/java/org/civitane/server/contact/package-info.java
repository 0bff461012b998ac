/** How people of a claim may be reached, what applicant and caseworker write to each other, and word of it outside. */
@NullMarked
package org.civitane.server.contact;

import org.jspecify.annotations.NullMarked;
