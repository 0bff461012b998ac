package org.civitane.server.access;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * The second thing that someone shows when they sign in.
 *
 * @param secret of an app, sealed; empty for the others
 * @param phone where codes go as text messages; empty for the others
 */
record SecondFactor(UUID id, UUID account, Kind kind, Optional<byte[]> secret, String phone, Instant begunAt) {
    enum Kind {
        /** An app on a phone shows a code that changes (RFC 6238). */
        APP,
        /** A code is sent to the account's own address. */
        EMAIL,
        /** A code is sent as a text message. */
        TEXT
    }
}
