package org.civitane.server.my;

import org.civitane.core.claim.ClaimState;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.fees.Charges;
import org.civitane.server.following.Payments;
import org.civitane.server.hours.HoursTold;
import org.springframework.stereotype.Component;

/** What a decided claim has for its applicant to follow: money that comes, a fee that is asked for. */
@Component
class AfterDecision {
    private final Payments payments;
    private final Charges charges;
    private final HoursTold hours;

    AfterDecision(Payments payments, Charges charges, HoursTold hours) {
        this.payments = payments;
        this.charges = charges;
        this.hours = hours;
    }

    boolean pays(ClaimView claim) {
        boolean mayBe = claim.decidedAt().isPresent() || claim.state() == ClaimState.WAITING;
        return mayBe && !payments.of(claim.id()).isEmpty();
    }

    /** Whether money stays here only since nobody knows where to; asked for even when the day for it is over. */
    boolean waitsForAnAccount(ClaimView claim) {
        return claim.decidedAt().isPresent() && !claim.held() && payments.waitForAnAccount(claim.id());
    }

    /** Whether they tell the hours of its weeks. */
    boolean tellsHours(ClaimView claim) {
        return Claims.programmeOf(claim).isAboutDays()
                && claim.state() == ClaimState.DECIDED
                && hours.areTold(claim.id());
    }

    boolean asksForAFee(ClaimView claim) {
        return claim.decidedAt().isPresent() && charges.isAsked(claim.id());
    }
}
