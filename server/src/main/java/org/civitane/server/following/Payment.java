package org.civitane.server.following;

import java.time.LocalDate;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.PaidFor;

/**
 * Money for one month or week of a claim.
 *
 * @param due the day from which it may leave
 * @param attempt grows when money came back and is sent to another account
 * @param iban where it went; empty before it left
 * @param whom who outside the household it is for; empty for the household
 */
public record Payment(
        UUID id,
        UUID claim,
        PaidFor time,
        Money amount,
        LocalDate due,
        State state,
        int attempt,
        String iban,
        String whom) {
    /** How far it is. */
    public enum State {
        PLANNED,
        BOOKED,
        /** The bank could not place it; it goes out again once there is another account. */
        RETURNED,
        /** The bank booked another amount than it was told: someone has to look. */
        QUESTIONED,
        /** It is not paid any more. */
        STOPPED;

        /** Whether something still has to happen. */
        public boolean isOpen() {
            return this == PLANNED || this == RETURNED || this == QUESTIONED;
        }
    }

    /** The name under which the bank knows it: the same name is the same booking. */
    String reference() {
        return id + "-" + attempt;
    }
}
