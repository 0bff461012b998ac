package org.civitane.core.programme.conductcertificate;

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
 * A certificate that says what the police register holds on a person (rulebook, chapter certificate of conduct).
 */
public final class ConductCertificate implements Programme<ConductCertificateCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of(
                    "passport",
                    "residence",
                    "purpose",
                    "country",
                    "explanation",
                    "letter",
                    "photo",
                    "copies",
                    "handover"),
            Lack.of("passport-mrz", "passport"),
            Lack.of("photo-format", "photo"),
            Lack.of("photo-size", "photo"),
            Lack.of("photo-shape", "photo"),
            Lack.of("photo-age", "photo"),
            Lack.of("identity", "identity").from(SaidBy.AGENCY),
            Lack.of("police-register", "policeRegister").from(SaidBy.REGISTER),
            Lack.of("police-review", "policeRegister").from(SaidBy.AGENCY),
            Lack.SIGNATURE,
            Lack.SIGNATURE_NAME);

    public static final String ID = "conduct-certificate";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "CC";
    }

    @Override
    public Class<ConductCertificateCase> caseType() {
        return ConductCertificateCase.class;
    }

    @Override
    public Determination determine(ConductCertificateCase file, PolicyBook book, Reasoning why) {
        return new ConductCertificateRules(file, book, why).determine();
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of(
                "ISSUE",
                Finding.GRANTED,
                "ISSUE_WITH_ENTRIES",
                Finding.GRANTED,
                "DENIED",
                Finding.REFUSED,
                "PENDING",
                Finding.OPEN);
    }
}
