package org.civitane.server.following;

import java.time.LocalDate;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.PaidFor;

/**
 * Money for one month or week of a claim.
 *
 * @param part counts what is paid for the same time, from 1
 * @param amount all of it, with what is kept back
 * @param keptBack what of it goes to what was paid too much before; nothing until it leaves
 * @param left what has left of it, or what the bank is told of, with what is kept back
 * @param due the day from which it may leave
 * @param attempt grows when money came back and is sent to another account
 * @param iban where it went; empty before it left
 * @param whom who outside the household it is for; empty for the household
 */
public record Payment(
        UUID id,
        UUID claim,
        PaidFor time,
        int part,
        Money amount,
        Money keptBack,
        Money left,
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

    /** What the bank is told to place. */
    Money placed() {
        return amount.minus(keptBack);
    }

    /** Whether its amount can still become another. */
    boolean canChange() {
        return state == State.RETURNED || state == State.PLANNED && left.equals(Money.ZERO);
    }

    /** The name under which the bank knows it: the same name is the same booking. */
    String reference() {
        return id + "-" + attempt;
    }
}
