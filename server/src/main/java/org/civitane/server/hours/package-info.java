/** Hours that were planned, told by the applicant week by week once a claim is decided, and what they change. */
@NullMarked
package org.civitane.server.hours;

import org.jspecify.annotations.NullMarked;
