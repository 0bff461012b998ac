package org.civitane.server.standins;

/** How a simulated service behaves. */
public enum Mood {
    ANSWERS,
    /** Answers only after whoever asks has given up. */
    SLOW,
    DOWN,
    /** Is down every second time. */
    FLAPPING,
    /** Answers something that is no answer. */
    WRONG
}
