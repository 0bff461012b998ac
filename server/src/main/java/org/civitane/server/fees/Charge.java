package org.civitane.server.fees;

import java.time.LocalDate;
import java.util.UUID;
import org.civitane.core.amount.Money;

/**
 * A fee that a decision asks for.
 *
 * @param reference under which it is paid
 * @param payBy the last day for it
 * @param receipt the digest of the receipt; empty while there is none
 */
record Charge(UUID claim, String reference, Money amount, State state, LocalDate payBy, UUID ask, String receipt) {
    /** How far it is. */
    enum State {
        OPEN,
        PAID,
        /** Its last day passed. */
        LAPSED,
        /** What it was paid for was given up, and it goes back. */
        GIVEN_BACK
    }
}
