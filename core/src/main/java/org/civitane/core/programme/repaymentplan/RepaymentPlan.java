package org.civitane.core.programme.repaymentplan;

import java.util.List;
import java.util.Map;
import org.civitane.core.fact.Lack;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/** Pays a debt to the agency in instalments (rulebook, chapter repayment plan). */
public final class RepaymentPlan implements Programme<RepaymentPlanCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("debts", "kind", "reason", "explanation", "months", "statements", "declaration"),
            Lack.of("debt", "debts/{}/answer"),
            Lack.of("first-share", "firstShare"),
            Lack.INCOME,
            Lack.EXPENSES,
            Lack.SIGNATURE,
            Lack.SIGNATURE_NAME);

    public static final String ID = "repayment-plan";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "RP";
    }

    @Override
    public Class<RepaymentPlanCase> caseType() {
        return RepaymentPlanCase.class;
    }

    @Override
    public Determination determine(RepaymentPlanCase file, PolicyBook book, Reasoning why) {
        return new RepaymentPlanRules(file, book, why).determine();
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    /** A plan that does not fit is open: a caseworker has the word. */
    @Override
    public Map<String, Finding> findings() {
        return Map.of(
                "APPROVED",
                Finding.GRANTED,
                "DENIED",
                Finding.REFUSED,
                "REVIEW",
                Finding.OPEN,
                "PENDING",
                Finding.OPEN);
    }
}
