package org.civitane.server.secondlook;

import java.time.Instant;
import java.util.UUID;

/** What one person thinks of a possible match. @param by what they are called */
record Opinion(UUID reader, String by, Of of, String reason, Instant at) {
    /** Whether it is the applicant who is held. */
    enum Of {
        SAME,
        ANOTHER
    }
}
