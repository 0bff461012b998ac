package org.civitane.core.programme.legalhelp;

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

/** Intake for free legal advice, and how a person can be reached without harm (rulebook, chapter legal help). */
public final class LegalHelp implements Programme<LegalHelpCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("screens", "problem", "district", "opponents", "contact"),
            Lack.of("opponent-name", "opponents"),
            Lack.INCOME,
            Lack.RESOURCES,
            Lack.EXPENSES,
            Lack.SIGNATURE,
            Lack.SIGNATURE_NAME,
            Lack.of("conflict-review", "conflictReview").from(SaidBy.AGENCY),
            Lack.of("conflict-check", "knownParties").from(SaidBy.AGENCY));

    public static final String ID = "legal-help";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "LH";
    }

    @Override
    public Class<LegalHelpCase> caseType() {
        return LegalHelpCase.class;
    }

    @Override
    public Determination determine(LegalHelpCase file, PolicyBook book, Reasoning why) {
        return new LegalHelpRules(file, book, why).determine();
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public boolean isUrgent(Determination determination) {
        return determination.outcomes().getFirst().result().equals("CALL_NOW");
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of(
                "PROVISIONAL",
                Finding.GRANTED,
                "DENIED",
                Finding.REFUSED,
                "REFERRED",
                Finding.REFERRED,
                "CALL_NOW",
                Finding.REFERRED,
                "PENDING",
                Finding.OPEN);
    }

    @Override
    public Optional<Scale> scale() {
        return Optional.of(new Scale("annual", List.of("limit", "upperLimit")));
    }
}
