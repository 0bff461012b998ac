package org.civitane.core.programme.rentarrears;

import java.util.List;
import java.util.Map;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/**
 * Pays rent owed, and a little ahead, for tenants in hardship; the money goes to the landlord wherever the landlord
 * takes part (rulebook, chapter rent arrears relief).
 */
public final class RentArrears implements Programme<RentArrearsCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("hardship", "explanation", "home", "lease", "landlord", "arrears"),
            Lack.INCOME,
            Lack.RESOURCES,
            Lack.of("lease-name", "lease/names"),
            Lack.of("signature", "signatures").from(SaidBy.CO_SIGNER),
            Lack.of("signature-name", "signatures").from(SaidBy.CO_SIGNER));

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

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of("APPROVED", Finding.GRANTED, "DENIED", Finding.REFUSED, "PENDING", Finding.OPEN);
    }
}
