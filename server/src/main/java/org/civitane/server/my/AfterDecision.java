package org.civitane.server.my;

import org.civitane.core.claim.ClaimState;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.fees.Charges;
import org.civitane.server.following.Payments;
import org.springframework.stereotype.Component;

/** What a decided claim has for its applicant to follow: money that comes, a fee that is asked for. */
@Component
class AfterDecision {
    private final Payments payments;
    private final Charges charges;

    AfterDecision(Payments payments, Charges charges) {
        this.payments = payments;
        this.charges = charges;
    }

    boolean pays(ClaimView claim) {
        boolean mayBe = claim.decidedAt().isPresent() || claim.state() == ClaimState.WAITING;
        return mayBe && !payments.of(claim.id()).isEmpty();
    }

    boolean asksForAFee(ClaimView claim) {
        return claim.decidedAt().isPresent() && charges.isAsked(claim.id());
    }
}
