package org.civitane.server.settlements;

/** The views of a fact, and a figure that is none of them. */
public enum View {
    SAID,
    SHOWN,
    ON_RECORD,
    /** A value that the caseworker typed. */
    TYPED
}
