/** Names and identifiers of people, and how they are compared (rulebook 0.5 and 0.6). */
@NullMarked
package org.civitane.core.person;

import org.jspecify.annotations.NullMarked;
