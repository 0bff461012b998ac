package org.civitane.server.settlements;

/** The views of a fact, and a figure that is none of them. */
public enum View {
    SAID,
    SHOWN,
    ON_RECORD,
    /** A value that the caseworker typed. */
    TYPED;

    /** Whether it rests on somebody's word alone: what was said, or the caseworker's own figure. */
    public boolean isWord() {
        return switch (this) {
            case SAID, TYPED -> true;
            case SHOWN, ON_RECORD -> false;
        };
    }
}
