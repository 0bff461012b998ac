/**
 * What an applicant tells of their days once a claim is decided, and what that changes: the hours of each week where they
 * were planned, and an earlier last day.
 */
@NullMarked
package org.civitane.server.hours;

import org.jspecify.annotations.NullMarked;
