package org.civitane.core.programme.mortgagearrears;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Programme;
import org.civitane.core.programme.Scale;
import org.civitane.core.reasoning.Reasoning;

/**
 * Brings a home loan up to date for owners in hardship; the money goes to the lender, and only to one that takes part
 * (rulebook, chapter mortgage arrears relief).
 */
public final class MortgageArrears implements Programme<MortgageArrearsCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("hardship", "home", "missed", "loan"),
            Lack.INCOME,
            Lack.RESOURCES,
            Lack.of("statement", "hardship/statement"),
            Lack.of("signature", "signatures").from(SaidBy.CO_SIGNER),
            Lack.of("signature-name", "signatures").from(SaidBy.CO_SIGNER),
            Lack.of("lender", "lenderAnswer").from(SaidBy.THIRD_PARTY),
            Lack.of("loan-match", "loan"),
            Lack.of("lender-takes-part", "lenderAnswer").from(SaidBy.THIRD_PARTY));

    public static final String ID = "mortgage-arrears";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "MA";
    }

    @Override
    public Class<MortgageArrearsCase> caseType() {
        return MortgageArrearsCase.class;
    }

    @Override
    public Determination determine(MortgageArrearsCase file, PolicyBook book, Reasoning why) {
        return new MortgageArrearsRules(file, book, why).determine();
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
    public Set<String> shared() {
        return Set.of("home", "missed", "loan");
    }

    @Override
    public Optional<Scale> scale() {
        return Optional.of(new Scale("annual", List.of("incomeLimit")));
    }
}
