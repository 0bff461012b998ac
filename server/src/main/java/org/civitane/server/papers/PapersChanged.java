package org.civitane.server.papers;

import java.util.UUID;

/** What the papers of a claim show, or what was said of them, changed in this transaction. */
public record PapersChanged(UUID claim) {}
