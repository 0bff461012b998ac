package org.civitane.server.papers.reading;

/** A value found in a line, in the form in which case files carry it. */
public record Found(String field, String value, Line line) {}
