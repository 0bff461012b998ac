/** The applicant's side of claims: where each stands, and what is wanted of them. */
@NullMarked
package org.civitane.server.my;

import org.jspecify.annotations.NullMarked;
