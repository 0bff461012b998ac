package org.civitane.core.programme.objection;

import java.util.List;
import java.util.Map;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/** Somebody else looks at a decision again, and says so in the terms of the working (rulebook, chapter objection). */
public final class Objection implements Programme<ObjectionCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("contested", "grounds", "explanation"),
            Lack.of("decision", "decision").from(SaidBy.AGENCY),
            Lack.of("filed-by", "filedBy"),
            Lack.of("authority", "authority").from(SaidBy.THIRD_PARTY),
            Lack.of("contested-subject", "contested"),
            Lack.of("contested-fact", "contested"),
            Lack.of("new-evidence", "papers"),
            Lack.SIGNATURE,
            Lack.SIGNATURE_NAME,
            Lack.of("reviewer", "reviewer").from(SaidBy.AGENCY),
            Lack.of("hearing", "hearing").from(SaidBy.AGENCY),
            Lack.of("finding", "finding").from(SaidBy.AGENCY),
            Lack.of("new-case", "newCase").from(SaidBy.AGENCY),
            Lack.of("after", "after").from(SaidBy.AGENCY),
            Lack.of("warning", "warnedOn").from(SaidBy.AGENCY),
            Lack.of("withdrawal", "withdrawnOn"));

    public static final String ID = "objection";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "OB";
    }

    @Override
    public Class<ObjectionCase> caseType() {
        return ObjectionCase.class;
    }

    @Override
    public Determination determine(ObjectionCase file, PolicyBook book, Reasoning why) {
        return new ObjectionRules(file, book, why).determine();
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of(
                "CHANGED_FOR",
                Finding.GRANTED,
                "CHANGED_AGAINST",
                Finding.REFUSED,
                "UPHELD",
                Finding.REFUSED,
                "NOT_ADMITTED",
                Finding.REFUSED,
                "LATE",
                Finding.REFUSED,
                "SENT_BACK",
                Finding.PARTLY,
                "PENDING",
                Finding.OPEN);
    }
}
