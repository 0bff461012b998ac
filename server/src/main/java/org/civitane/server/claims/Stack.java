package org.civitane.server.claims;

/** The stacks of the day sheet that a claim can lie in. One that runs out shows under <em>Running out</em> instead. */
public enum Stack {
    /** Someone answered. */
    CAME_BACK,
    /** Can be decided. */
    READY,
    /** Not looked into yet, or begun. */
    NEW
}
