package org.civitane.core.programme.foodassistance;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.fact.Lack;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.Programme;
import org.civitane.core.programme.Scale;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Value;

/**
 * A monthly amount toward groceries for people who buy and prepare food together (rulebook, chapter food assistance).
 */
public final class FoodAssistance implements Programme<FoodAssistanceCase> {
    public static final String ID = "food-assistance";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "FA";
    }

    @Override
    public Class<FoodAssistanceCase> caseType() {
        return FoodAssistanceCase.class;
    }

    @Override
    public Determination determine(FoodAssistanceCase file, PolicyBook book, Reasoning why) {
        return new FoodAssistanceRules(file, book, why).determine();
    }

    @Override
    public List<EvidenceNeed> evidenceNeeds(FoodAssistanceCase file, Determination determination) {
        return FoodAssistanceEvidence.of(file, determination.figures());
    }

    @Override
    public Optional<OnlineForm<FoodAssistanceCase>> form() {
        return Optional.of(new FoodAssistanceForm());
    }

    @Override
    public List<Consequence> consequences(Determination determination, LocalDate decidedOn) {
        return determination.outcomes().stream()
                .filter(outcome -> findingOf(outcome) == Finding.GRANTED)
                .flatMap(outcome -> FoodAssistancePayments.of(outcome, decidedOn).stream())
                .toList();
    }

    @Override
    public Optional<Scale> scale() {
        return Optional.of(new Scale("net", List.of("netLimit")));
    }

    @Override
    public List<Lack> lacks() {
        return List.of(Lack.INCOME, Lack.RESOURCES, Lack.EXPENSES, Lack.SIGNATURE, Lack.SIGNATURE_NAME);
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of("APPROVED", Finding.GRANTED, "DENIED", Finding.REFUSED, "PENDING", Finding.OPEN);
    }

    @Override
    public List<PaperKind> papers() {
        return List.of(
                PaperKind.IDENTITY,
                PaperKind.PAY_SLIPS,
                PaperKind.HOUSING_COSTS,
                PaperKind.BANK_STATEMENT,
                PaperKind.MEDICAL_COSTS,
                PaperKind.CARE_RECEIPTS);
    }

    @Override
    public boolean isUrgent(Determination determination) {
        return determination.figures().get("urgent") instanceof Value.Flag urgent && urgent.holds();
    }
}
