package org.civitane.core.programme.namechange;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;

/** Another given name, family name or both, for oneself or for a child in one's care (rulebook, chapter change of name). */
public final class NameChange implements Programme<NameChangeCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("ground", "deed"),
            Lack.of("new-name", "newName"),
            Lack.of("given-name", "newName"),
            Lack.of("family-name", "newName"),
            Lack.of("phone", "phoneConfirmed").from(SaidBy.AGENCY),
            Lack.of("deed-name", "deed"),
            Lack.of("proof-identity", "documents"),
            Lack.of("proof-address", "documents"),
            Lack.of("holder", "forChild"),
            Lack.of("payment", "payment"),
            Lack.of("signature", "signatures").from(SaidBy.CO_SIGNER),
            Lack.of("signature-name", "signatures").from(SaidBy.CO_SIGNER),
            Lack.of("name-register", "nameRegister").from(SaidBy.REGISTER),
            Lack.of("rare-name", "nameRegister").from(SaidBy.THIRD_PARTY),
            Lack.of("change-register", "earlierChanges").from(SaidBy.REGISTER),
            Lack.of("police-register", "convictions").from(SaidBy.REGISTER),
            Lack.of("police-review", "convictions").from(SaidBy.AGENCY),
            Lack.of("debt-register", "openDebts").from(SaidBy.REGISTER),
            Lack.of("objection-review", "review").from(SaidBy.AGENCY),
            Lack.of("notice", "notice").from(SaidBy.AGENCY));

    public static final String ID = "name-change";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "NC";
    }

    @Override
    public Class<NameChangeCase> caseType() {
        return NameChangeCase.class;
    }

    @Override
    public Determination determine(NameChangeCase file, PolicyBook book, Reasoning why) {
        return new NameChangeRules(file, book, why).determine();
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of("GRANTED", Finding.GRANTED, "DENIED", Finding.REFUSED, "PENDING", Finding.OPEN);
    }

    @Override
    public Set<String> shared() {
        return Set.of("newName");
    }
}
