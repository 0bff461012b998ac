package org.civitane.server.household;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * Someone of a claim who may be a person known from other claims.
 *
 * @param name as this claim has it
 * @param knownName as the other claims have it
 * @param why what speaks for it, in words
 * @param claims the numbers of the claims in which the known person stands
 */
public record Match(
        String member,
        String name,
        LocalDate born,
        UUID known,
        String knownName,
        LocalDate knownBorn,
        String why,
        State state,
        List<String> claims) {
    /** Whether they are the same. */
    public enum State {
        PROPOSED,
        CONFIRMED,
        REFUSED
    }
}
