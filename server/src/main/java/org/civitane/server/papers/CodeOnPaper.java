package org.civitane.server.papers;

import java.util.UUID;

/** A paper of a claim bears a square code. @param text what it says */
public record CodeOnPaper(UUID claim, UUID paper, String text) {}
