package org.civitane.core.programme.dentalsupport;

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
 * A yearly amount per child under 14 without private cover, toward a visit to a dentist (rulebook, chapter children's
 * dental support).
 */
public final class DentalSupport implements Programme<DentalSupportCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("children", "payout"),
            Lack.of("assessment", "familyIncome").from(SaidBy.REGISTER),
            Lack.of("partner-assessment", "partnerAssessed").from(SaidBy.REGISTER),
            Lack.of("employment", "employment"),
            Lack.of("employer", "employment"),
            Lack.of("iban", "payout/iban"),
            Lack.of("statement", "statements"),
            Lack.of("cover", "children"),
            Lack.of("visit", "children"),
            Lack.SIGNATURE,
            Lack.SIGNATURE_NAME,
            Lack.of("child-benefit", "children").from(SaidBy.REGISTER),
            Lack.of("tax-register", "familyIncome").from(SaidBy.REGISTER));

    public static final String ID = "dental-support";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "DS";
    }

    @Override
    public Class<DentalSupportCase> caseType() {
        return DentalSupportCase.class;
    }

    @Override
    public Determination determine(DentalSupportCase file, PolicyBook book, Reasoning why) {
        return new DentalSupportRules(file, book, why).determine();
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
