/** Objections: asking that somebody else looks at a decision again (rulebook, chapter objection). */
@NullMarked
package org.civitane.core.programme.objection;

import org.jspecify.annotations.NullMarked;
