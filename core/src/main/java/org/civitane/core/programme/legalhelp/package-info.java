/** Legal help (rulebook, chapter of that name). */
@NullMarked
package org.civitane.core.programme.legalhelp;

import org.jspecify.annotations.NullMarked;
