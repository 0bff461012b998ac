package org.civitane.core.programme.conductcertificate;

import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/**
 * A certificate that says what the police register holds on a person (rulebook, chapter certificate of conduct).
 */
public final class ConductCertificate implements Programme<ConductCertificateCase> {
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
}
