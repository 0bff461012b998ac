package org.civitane.server.hours;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A week of a decided claim whose hours are told once it is over.
 *
 * @param id what the ask for them is about
 * @param beyond what of the hours told nobody certified
 */
record ToldWeek(UUID id, UUID claim, LocalDate monday, State state, Optional<BeyondCertified> beyond) {
    private static final int LAST_DAY = 6;

    /** How far it is. */
    enum State {
        /** It is not over. */
        TO_COME,
        ASKED,
        TOLD,
        /** They were not told in time, and what was planned stands until they are. */
        NOT_TOLD,
        /** Nobody needs them any more. */
        STOPPED
    }

    /**
     * Hours that nobody certified.
     *
     * @param told the hours of the week
     * @param certified the hours that are certified for any week; empty where only days are
     * @param days on which nothing is certified
     */
    record BeyondCertified(String told, Optional<String> certified, List<LocalDate> days) {}

    LocalDate sunday() {
        return monday.plusDays(LAST_DAY);
    }

    /** Whether its hours can be told now: from its last day, as often as they have to be. */
    boolean canBeTold(LocalDate today) {
        return state != State.STOPPED && !sunday().isAfter(today);
    }
}
