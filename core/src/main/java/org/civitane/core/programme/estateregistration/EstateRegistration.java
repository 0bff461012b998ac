package org.civitane.core.programme.estateregistration;

import java.util.List;
import java.util.Map;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/** Who may act for an estate, and who inherits what where there is no will (rulebook, chapter registering an estate). */
public final class EstateRegistration implements Programme<EstateRegistrationCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("deceased", "role", "will", "family", "assets", "debts", "executor"),
            Lack.of("person-number", "deceased/personNumber"),
            Lack.of("late-reason", "lateReason"),
            Lack.of("spouse", "family/spouse"),
            Lack.of("marital", "deceased/marital"),
            Lack.of("will-original", "will/original"),
            Lack.of("executor-age", "executor"),
            Lack.of("paper", "documents"),
            Lack.of("paper-fault", "documents"),
            Lack.SIGNATURE,
            Lack.SIGNATURE_NAME,
            Lack.of("civil-register", "register").from(SaidBy.REGISTER),
            Lack.of("register-review", "register").from(SaidBy.AGENCY),
            Lack.of("court", "will/ruling").from(SaidBy.AGENCY),
            Lack.of("birth", "family/expecting"));

    public static final String ID = "estate-registration";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "ER";
    }

    @Override
    public Class<EstateRegistrationCase> caseType() {
        return EstateRegistrationCase.class;
    }

    @Override
    public Determination determine(EstateRegistrationCase file, PolicyBook book, Reasoning why) {
        return new EstateRegistrationRules(file, book, why).determine();
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of(
                "LETTER_OF_AUTHORITY", Finding.GRANTED, "EXECUTOR_APPOINTED", Finding.GRANTED, "PENDING", Finding.OPEN);
    }
}
