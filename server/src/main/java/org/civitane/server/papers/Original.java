package org.civitane.server.papers;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * A document that was seen as an original at the counter; no picture of it is kept, and it counts as documents do.
 *
 * @param documentType in the rulebook's word
 * @param subject the id of the member it is about
 * @param name as it stands on it
 * @param number as it stands on it
 * @param compared what was compared, and with what
 */
public record Original(
        UUID id,
        String documentType,
        String subject,
        String name,
        Optional<LocalDate> dateOfBirth,
        Optional<LocalDate> issuedOn,
        Optional<LocalDate> expiresOn,
        String number,
        String compared,
        String by,
        Instant at) {}
