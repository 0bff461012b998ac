/** What a programme asks, in words: for the form, for a fix list, for whoever answers. */
@NullMarked
package org.civitane.server.forms;

import org.jspecify.annotations.NullMarked;
