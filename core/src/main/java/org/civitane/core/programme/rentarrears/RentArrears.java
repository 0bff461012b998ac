package org.civitane.core.programme.rentarrears;

import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/**
 * Pays rent owed, and a little ahead, for tenants in hardship; the money goes to the landlord wherever the landlord
 * takes part (rulebook, chapter rent arrears relief).
 */
public final class RentArrears implements Programme<RentArrearsCase> {
    public static final String ID = "rent-arrears";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "RA";
    }

    @Override
    public Class<RentArrearsCase> caseType() {
        return RentArrearsCase.class;
    }

    @Override
    public Determination determine(RentArrearsCase file, PolicyBook book, Reasoning why) {
        return new RentArrearsRules(file, book, why).determine();
    }
}
