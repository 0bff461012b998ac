package org.civitane.server.claims;

import java.time.LocalDate;
import org.civitane.server.platform.Phrase;

/**
 * What a claim waits for. Every wait has an owner and a date.
 *
 * @param what what is awaited, as a phrase: "the answers to the fix list"
 * @param until the last day
 * @param then what happens after it, as a sentence
 */
public record Wait(On on, Phrase what, LocalDate until, Phrase then) {
    /** Who has to act. */
    public enum On {
        APPLICANT,
        /** Another adult of the household. */
        CO_SIGNER,
        /** Someone outside the household. */
        THIRD_PARTY,
        REGISTER,
        CASEWORKER
    }
}
