package org.civitane.server.asks;

/** Someone other than the applicant still owes something, and is to be reminded of it. */
public record AskReminded(Ask ask) {}
