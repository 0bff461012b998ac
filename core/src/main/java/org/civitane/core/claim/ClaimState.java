package org.civitane.core.claim;

import java.util.EnumSet;
import java.util.Set;

/** The life of a claim, and what may follow what. */
public enum ClaimState {
    /** Being filled in by the applicant. */
    DRAFT,
    /** Handed in, with its received date; others still have to sign. It can be looked at meanwhile, not decided. */
    SIGNING,
    /** Handed in; nobody has taken it yet. */
    RECEIVED,
    /** With a caseworker. */
    IN_REVIEW,
    /** Waiting for someone named, until a date, after which something stated happens. */
    WAITING,
    /** Nothing stands between it and a decision. */
    READY,
    DECIDED,
    /** What was decided has reached the people concerned. */
    FULFILLED,
    WITHDRAWN,
    /** Held while misuse is looked into. */
    FROZEN;

    /** Whether a claim in this state may become {@code next}. */
    public boolean mayBecome(ClaimState next) {
        return following().contains(next);
    }

    /** Whether the claim still needs a decision. */
    public boolean isOpen() {
        return switch (this) {
            case SIGNING, RECEIVED, IN_REVIEW, WAITING, READY, FROZEN -> true;
            case DRAFT, DECIDED, FULFILLED, WITHDRAWN -> false;
        };
    }

    /**
     * Whether people may do this to a claim in this state. What a decision rests on is closed with the decision; what
     * goes with a claim is closed once that is fulfilled. While misuse is looked into, only the applicant's answers and
     * what is written go on; taking it back waits for what is found.
     */
    public boolean allows(Act act) {
        return switch (act) {
            case TAKE, ANSWER -> isOpen();
            case ESTABLISH -> isOpen() && this != FROZEN;
            case DECIDE -> mayBecome(DECIDED) && this != FROZEN;
            case CORRESPOND -> isOpen() || this == DECIDED;
            case REVOKE -> this == DECIDED || this == FULFILLED;
            case WITHDRAW -> mayBecome(WITHDRAWN);
        };
    }

    private Set<ClaimState> following() {
        return switch (this) {
            case DRAFT -> EnumSet.of(SIGNING, RECEIVED, WITHDRAWN);
            case SIGNING -> EnumSet.of(RECEIVED, IN_REVIEW, WITHDRAWN, FROZEN);
            case RECEIVED -> EnumSet.of(IN_REVIEW, WAITING, READY, WITHDRAWN, FROZEN);
            case IN_REVIEW -> EnumSet.of(WAITING, READY, DECIDED, WITHDRAWN, FROZEN);
            case WAITING -> EnumSet.of(IN_REVIEW, READY, DECIDED, WITHDRAWN, FROZEN);
            case READY -> EnumSet.of(IN_REVIEW, WAITING, DECIDED, WITHDRAWN, FROZEN);
            case FROZEN -> EnumSet.of(IN_REVIEW, DECIDED);
            case DECIDED -> EnumSet.of(FULFILLED);
            case FULFILLED, WITHDRAWN -> EnumSet.noneOf(ClaimState.class);
        };
    }
}
