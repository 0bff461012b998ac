package org.civitane.core.programme.disabilityallowance;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Programme;
import org.civitane.core.programme.Scale;
import org.civitane.core.reasoning.Reasoning;

/**
 * A monthly allowance for people of working age with a certified disability who are out of work (rulebook, chapter
 * disability allowance).
 */
public final class DisabilityAllowance implements Programme<DisabilityAllowanceCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("kinds", "guardian", "photo", "mark", "consent", "working", "certificate", "assessment"),
            Lack.of("photo-format", "photo"),
            Lack.of("photo-size", "photo"),
            Lack.of("mark-format", "mark"),
            Lack.of("mark-size", "mark"),
            Lack.of("resident-since", "residentSince"),
            Lack.of("certificate-renewal", "certificate"),
            Lack.INCOME,
            Lack.of("signature", "signatures").from(SaidBy.CO_SIGNER),
            Lack.of("signature-name", "signatures").from(SaidBy.CO_SIGNER));

    public static final String ID = "disability-allowance";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "DA";
    }

    @Override
    public Class<DisabilityAllowanceCase> caseType() {
        return DisabilityAllowanceCase.class;
    }

    @Override
    public Determination determine(DisabilityAllowanceCase file, PolicyBook book, Reasoning why) {
        return new DisabilityAllowanceRules(file, book, why).determine();
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of("APPROVED", Finding.GRANTED, "DENIED", Finding.REFUSED, "PENDING", Finding.OPEN);
    }

    @Override
    public Optional<Scale> scale() {
        return Optional.of(new Scale("monthlyIncome", List.of("incomeLimit")));
    }
}
