package org.civitane.core.programme.rentarrears;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.Outsider;
import org.civitane.core.programme.Programme;
import org.civitane.core.programme.Scale;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.Reasoning;

/**
 * Pays rent owed, and a little ahead, for tenants in hardship; the money goes to the landlord wherever the landlord
 * takes part (rulebook, chapter rent arrears relief).
 */
public final class RentArrears implements Programme<RentArrearsCase> {
    private static final List<Lack> LACKS = Lack.named(
            List.of("hardship", "explanation", "home", "lease", "landlord", "arrears"),
            Lack.INCOME,
            Lack.RESOURCES,
            Lack.of("lease-name", "lease/names"),
            Lack.of("signature", "signatures").from(SaidBy.CO_SIGNER),
            Lack.of("signature-name", "signatures").from(SaidBy.CO_SIGNER));

    static final String LANDLORD = "landlord";

    /** How long the landlord has is a figure of the policy as well, by which the rules decide who is paid. */
    private static final Outsider ASKED = new Outsider(
            LANDLORD,
            "landlord",
            "name",
            Map.of("postCode", "home/postCode"),
            List.of(
                    Question.choice("takesPart", List.of("YES", "NO")),
                    Question.of("iban", Question.Widget.TEXT).onlyWhen("takesPart", "YES"),
                    Question.months("monthsOwed", Question.of("owed", Question.Widget.AMOUNT))),
            Optional.of("iban"),
            Map.of("monthsOwed", "arrears"),
            Map.of("takesPart", "PENDING"),
            "askedOn",
            Optional.of("decidedOn"),
            10,
            List.of(4, 8));

    public static final String ID = "rent-arrears";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "RA";
    }

    @Override
    public Class<RentArrearsCase> caseType() {
        return RentArrearsCase.class;
    }

    @Override
    public Determination determine(RentArrearsCase file, PolicyBook book, Reasoning why) {
        return new RentArrearsRules(file, book, why).determine();
    }

    @Override
    public List<Lack> lacks() {
        return LACKS;
    }

    @Override
    public Set<String> shared() {
        return Set.of("home", "lease", "arrears", "monthsAhead", "landlord");
    }

    @Override
    public List<Outsider> outsiders() {
        return List.of(ASKED);
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of("APPROVED", Finding.GRANTED, "DENIED", Finding.REFUSED, "PENDING", Finding.OPEN);
    }

    @Override
    public Optional<OnlineForm<RentArrearsCase>> form() {
        return Optional.of(new RentArrearsForm());
    }

    @Override
    public List<EvidenceNeed> evidenceNeeds(RentArrearsCase file, Determination determination) {
        return RentArrearsEvidence.of(file, determination.figures());
    }

    @Override
    public List<PaperKind> papers() {
        return List.of(
                PaperKind.IDENTITY,
                PaperKind.HOUSING_COSTS,
                PaperKind.PAY_SLIPS,
                PaperKind.BANK_STATEMENT,
                RentArrearsEvidence.RENT_STATEMENT);
    }

    @Override
    public List<Consequence> consequences(Determination determination, LocalDate decidedOn) {
        return determination.outcomes().stream()
                .filter(outcome -> findingOf(outcome) == Finding.GRANTED)
                .flatMap(outcome -> RentArrearsPayments.of(outcome, decidedOn).stream())
                .toList();
    }

    @Override
    public Optional<Scale> scale() {
        return Optional.of(new Scale("adjustedAnnual", List.of("incomeLimit")));
    }
}
