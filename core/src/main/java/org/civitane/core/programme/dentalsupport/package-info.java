/** Children's dental support (rulebook, chapter of that name). */
@NullMarked
package org.civitane.core.programme.dentalsupport;

import org.jspecify.annotations.NullMarked;
