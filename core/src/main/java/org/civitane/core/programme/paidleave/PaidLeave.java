package org.civitane.core.programme.paidleave;

import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/**
 * Part of a worker's pay while they are away for their own health, a relative's care, a new child, or safety from
 * violence (rulebook, chapter paid leave).
 */
public final class PaidLeave implements Programme<PaidLeaveCase> {
    public static final String ID = "paid-leave";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "PL";
    }

    @Override
    public Class<PaidLeaveCase> caseType() {
        return PaidLeaveCase.class;
    }

    @Override
    public Determination determine(PaidLeaveCase file, PolicyBook book, Reasoning why) {
        return new PaidLeaveRules(file, book, why).determine();
    }
}
