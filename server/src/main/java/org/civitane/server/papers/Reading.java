package org.civitane.server.papers;

import java.util.List;

/** What a paper says, as far as it could be read. */
public record Reading(State state, List<ShownValue> shown) {
    /** How far reading is. */
    public enum State {
        /** The job has not come to it yet. */
        WAITING,
        READ,
        /** It was read, and nothing that could be used was found. That is normal. */
        NOTHING,
        /** It could not be read. That is normal too: the page can be looked at all the same. */
        FAILED
    }

    public Reading {
        shown = List.copyOf(shown);
    }
}
