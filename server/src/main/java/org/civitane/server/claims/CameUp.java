package org.civitane.server.claims;

import org.civitane.server.platform.Phrase;

/**
 * Something that came up on a decided claim, and that a caseworker has to look at.
 *
 * @param what the next step, in words
 */
public record CameUp(Kind kind, Phrase what) {
    /** What it is about: what comes first is looked at first. */
    public enum Kind {
        /** The bank or the post did otherwise than they were told, or whoever is paid has no account. */
        PAYMENT,
        OVERPAYMENT,
        HOURS,
        /** The post brought a document back. */
        POST,
        /** Someone outside the household answered after the decision. */
        WORD,
        MESSAGE,
        FOLLOW_UP
    }
}
