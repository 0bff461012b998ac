/** What an applicant changes in a claim by themselves before it is decided: the days it is about. */
@NullMarked
package org.civitane.server.changes;

import org.jspecify.annotations.NullMarked;
