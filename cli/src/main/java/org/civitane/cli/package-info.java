/** The command line: reads case files, writes determinations, one a line. */
@NullMarked
package org.civitane.cli;

import org.jspecify.annotations.NullMarked;
