package org.civitane.server.desk;

import java.util.Optional;

/**
 * Something that stands between a claim and its decision.
 *
 * @param path the fact it is about
 * @param suggestion a point for the fix list that would clear it, when the applicant can
 */
record Obstacle(Weight weight, String title, String detail, String path, Optional<Suggestion> suggestion) {
    /** What hangs on it. */
    enum Weight {
        /** It could change the answer. */
        ANSWER,
        /** Wanted from someone; nothing to do until then. */
        WANTED,
        /** It cannot change anything. */
        IMMATERIAL
    }

    /** What could be asked of the applicant. */
    record Suggestion(String title, String reason, String good) {}
}
