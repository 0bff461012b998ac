package org.civitane.server.papers;

import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * A value that a paper shows.
 *
 * @param field what it is: {@code employer}, {@code gross} …
 * @param page the page it stands on, from 1; all values of a page belong together
 * @param read what was read there; empty when a caseworker added it
 * @param value what counts: as read, or as corrected
 * @param place where on the page, for marking it
 * @param state whether a caseworker has looked at it
 * @param by who did; empty until then
 */
public record ShownValue(String field, int page, String read, String value, Box place, State state, String by) {
    /** How far a value can be relied on. */
    public enum State {
        /** Read by the machine; nobody has looked at it yet. */
        READ,
        CONFIRMED,
        CORRECTED
    }

    /** A place on a page, as shares of its width and height from the left and from the top. */
    public record Box(double left, double top, double width, double height) {
        /** Nowhere: what a caseworker typed stands on no place. */
        public static final Box NOWHERE = new Box(0, 0, 0, 0);
    }

    /** Whether a caseworker said that it is right. */
    @JsonIgnore
    public boolean isSeen() {
        return state != State.READ;
    }

    ShownValue seen(String newValue, String caseworker) {
        State now = newValue.equals(read) ? State.CONFIRMED : State.CORRECTED;
        return new ShownValue(field, page, read, newValue, place, now, caseworker);
    }
}
