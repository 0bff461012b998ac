package org.civitane.core.reasoning;

/** Who reads a text. */
public enum Reader {
    /** The person whom it is about, or somebody who acts for them: they are spoken to. */
    CONCERNED,
    /** Whoever works on their claim: they are spoken about. */
    OFFICE
}
