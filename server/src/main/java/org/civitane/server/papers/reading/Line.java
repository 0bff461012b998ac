package org.civitane.server.papers.reading;

import org.civitane.server.papers.ShownValue;

/**
 * One line of text on a page.
 *
 * @param page from 1
 */
public record Line(String text, int page, ShownValue.Box place) {}
