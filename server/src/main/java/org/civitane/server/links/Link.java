package org.civitane.server.links;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.asks.Ask;

/**
 * A link to one ask. The link itself is known to whoever it was sent to, and to nobody here.
 *
 * @param expiresOn the last day on which it leads anywhere
 * @param code the digest of the code that was sent by another way, while it holds
 * @param codes how many codes were sent
 */
record Link(
        UUID id,
        UUID ask,
        Way way,
        LocalDate expiresOn,
        Optional<String> code,
        Optional<Instant> codeUntil,
        int codes) {
    /** Of one person, over all their links. */
    static final int MOST_TRIES = 3;

    /** How it went out. */
    enum Way {
        EMAIL,
        TEXT,
        /** On a form for whoever it is asked of: its code leads to the page as well. */
        PAPER,
        /** On a form that the applicant may print: its code leads the form back, and nobody to the page. */
        SCAN
    }

    /** A link with its ask, as it is now. */
    record Opened(Link link, Ask ask) {}
}
