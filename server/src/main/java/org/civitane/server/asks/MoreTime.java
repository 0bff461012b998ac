package org.civitane.server.asks;

import java.time.Instant;
import java.util.UUID;

/**
 * More time that was asked for.
 *
 * @param days how many calendar days, counted from the deadline as it stood
 * @param answer what is said to it; empty until then
 */
public record MoreTime(UUID id, String by, String why, int days, Instant at, State state, String answer) {
    /** What came of it. */
    public enum State {
        ASKED,
        GRANTED,
        REFUSED
    }
}
