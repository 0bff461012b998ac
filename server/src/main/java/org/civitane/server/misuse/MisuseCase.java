package org.civitane.server.misuse;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * One case of suspected misuse.
 *
 * @param claim the claim of which the person said that it was not theirs
 * @param household the name under which it was filed
 * @param owner the supervisor who looks into it; empty while nobody does
 * @param dueOn the day by which it is to be closed
 * @param overdue whether it is open, and that day is over
 * @param words what the supervisor said when it was closed
 * @param paid what was paid from the claims it holds
 */
public record MisuseCase(
        UUID id,
        UUID claim,
        String number,
        String household,
        State state,
        Instant openedAt,
        Optional<String> owner,
        LocalDate dueOn,
        boolean overdue,
        String words,
        String paid,
        List<Linked> linked) {
    /** Its number. */
    @JsonProperty
    public String reference() {
        return referenceOf(number);
    }

    /** The number of a case, after the claim that was disowned: said to whoever disowned it, and to staff. */
    public static String referenceOf(String claimNumber) {
        return "M-" + claimNumber;
    }

    /** How far it is. */
    public enum State {
        OPEN,
        /** Nothing in it: the claims go on. */
        RELEASED,
        /** Handed on to those who prosecute; the claims stay frozen. */
        REFERRED
    }

    /**
     * A claim that hangs together with it.
     *
     * @param since whether it was handed in after the case was opened
     * @param by what they share, in words
     */
    public record Linked(
            UUID claim,
            String number,
            String programme,
            String household,
            String state,
            boolean since,
            List<String> by) {}
}
