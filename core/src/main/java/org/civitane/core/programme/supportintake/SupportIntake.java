package org.civitane.core.programme.supportintake;

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
 * Adjustments for someone with a disability at a place of learning: a short application leads to a conversation, never to
 * a refusal (rulebook, chapter support at a place of learning).
 */
public final class SupportIntake implements Programme<SupportIntakeCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("place", "site", "email", "term", "specify", "limits"),
            Lack.of("student-number", "studentNumber"),
            Lack.of("email-domain", "email"),
            Lack.of("slot", "slots").from(SaidBy.AGENCY));

    public static final String ID = "support-intake";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "SI";
    }

    @Override
    public Class<SupportIntakeCase> caseType() {
        return SupportIntakeCase.class;
    }

    @Override
    public Determination determine(SupportIntakeCase file, PolicyBook book, Reasoning why) {
        return new SupportIntakeRules(file, book, why).determine();
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of("INVITED", Finding.GRANTED, "PENDING", Finding.OPEN);
    }
}
