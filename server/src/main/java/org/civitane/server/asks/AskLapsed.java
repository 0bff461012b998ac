package org.civitane.server.asks;

/** The day of an ask passed in this transaction and not all of it came; what was announced is for whoever asked to do. */
public record AskLapsed(Ask ask) {}
