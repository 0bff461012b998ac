package org.civitane.server.following;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.PaidFor;

/**
 * What was paid too much for a month or week of a claim.
 *
 * @param keptBack what of it was kept back of later payments so far
 * @param agreedPercent how much of each later payment the person agrees to; empty for what the policy table has
 * @param reason why it is claimed back, or is not; empty until that is decided
 * @param letter the digest of the letter that told them, once it is claimed back
 */
record Overpayment(
        UUID id,
        UUID claim,
        PaidFor time,
        Money amount,
        State state,
        Money keptBack,
        Optional<Integer> agreedPercent,
        String reason,
        Optional<String> letter,
        Optional<Instant> decidedAt) {
    /** What became of it. */
    enum State {
        /** Nobody has decided on it yet. */
        FOUND,
        /** It is a debt. */
        CLAIMED_BACK,
        /** It is theirs to keep. */
        LET_GO,
        /** It was none, as what was told since shows. */
        GONE
    }

    /** What is still owed of it. */
    Money rest() {
        return state == State.CLAIMED_BACK ? amount.minus(keptBack) : Money.ZERO;
    }
}
