/** Reads what a paper says: the text of a PDF or of a picture, and in it the figures of a pay slip or a readable zone. */
@NullMarked
package org.civitane.server.papers.reading;

import org.jspecify.annotations.NullMarked;
