package org.civitane.server.casework;

import java.time.LocalDate;

/**
 * What a claim waits for. Every wait has an owner and a date.
 *
 * @param what what is awaited, as a phrase: "the answers to the fix list"
 * @param until the last day
 * @param then what happens after it, as a sentence
 */
public record Wait(On on, String what, LocalDate until, String then) {
    /** Who has to act. */
    public enum On {
        APPLICANT,
        REGISTER,
        CASEWORKER
    }
}
