package org.civitane.core.programme.payerregistration;

import java.util.List;
import java.util.Map;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/** One payer number for one person, once in their life (rulebook, chapter registering a taxpayer). */
public final class PayerRegistration implements Programme<PayerRegistrationCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("reasons", "explanation", "employer", "businesses", "guardian", "referee"),
            Lack.of("birth-place", "birthPlace"),
            Lack.of("address", "addresses"),
            Lack.of("address-unknown", "addresses"),
            Lack.of("post-code", "addresses"),
            Lack.of("identity-numbers", "identityNumbers"),
            Lack.of("identity-number", "identityNumbers"),
            Lack.of("identity-expired", "identityNumbers"),
            Lack.of("identity-name", "identityNumbers"),
            Lack.of("identity-birth", "identityNumbers"),
            Lack.of("employer-number", "employer"),
            Lack.of("former-number", "formerNumber"),
            Lack.SIGNATURE,
            Lack.SIGNATURE_NAME,
            Lack.of("payer-register", "known").from(SaidBy.REGISTER),
            Lack.of("duplicate-review", "duplicateReview").from(SaidBy.AGENCY),
            Lack.of("serial", "serial").from(SaidBy.AGENCY));

    public static final String ID = "payer-registration";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "PR";
    }

    @Override
    public Class<PayerRegistrationCase> caseType() {
        return PayerRegistrationCase.class;
    }

    @Override
    public Determination determine(PayerRegistrationCase file, PolicyBook book, Reasoning why) {
        return new PayerRegistrationRules(file, book, why).determine();
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of(
                "REGISTERED",
                Finding.GRANTED,
                "RESTORED",
                Finding.GRANTED,
                "DENIED",
                Finding.REFUSED,
                "PENDING",
                Finding.OPEN);
    }
}
