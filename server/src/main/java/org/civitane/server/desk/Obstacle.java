package org.civitane.server.desk;

import java.util.Optional;
import org.civitane.server.platform.Phrase;

/**
 * Something that stands between a claim and its decision; once it is decided, something that came up since.
 *
 * @param kind what it is about, for what can be done with it
 * @param path the fact it is about; the question to a register where it is about that
 * @param impact what would change; nothing where that was not worked out
 * @param suggestion a point for the fix list that would clear it, when the applicant can
 */
record Obstacle(
        Weight weight,
        Kind kind,
        Phrase title,
        Phrase detail,
        Phrase impact,
        String path,
        Optional<Suggestion> suggestion) {
    /** What hangs on it. */
    enum Weight {
        /** It could change the answer. */
        ANSWER,
        /** It could change the amount. */
        AMOUNT,
        /** Wanted from someone; nothing to do until then. */
        WANTED,
        /** It came up after the decision, which it does not change by itself. */
        AFTERWARDS,
        /** It cannot change anything. */
        IMMATERIAL
    }

    /** What it is about. */
    enum Kind {
        MISSING,
        FACT,
        PAPERS_CAME,
        PAPERS_WANTED,
        REGISTER,
        IDENTITY,
        MESSAGE,
        MORE_TIME,
        MATCH,
        OTHER_CLAIM,
        /** Someone who signs says that it is not right. */
        REMARK,
        /** Someone other than the applicant still owes it, and was asked. */
        OTHERS,
        FIX_LIST,
        /** What the bank did, what was paid too much, what follows and is due. */
        PAYMENTS,
        /** Hours that nobody certified. */
        HOURS,
        /** A document that the post brought back. */
        POST
    }

    /** What could be asked of the applicant. @param path the fact that the point unlocks */
    record Suggestion(String path, Phrase title, Phrase reason, Phrase good) {}
}
