package org.civitane.server.claims;

/** The one thing to do with a claim next, as its button says it. */
public enum NextAction {
    TAKE,
    OPEN,
    COMPARE,
    DECIDE,
    /** Nothing for the caseworker now. */
    NONE
}
