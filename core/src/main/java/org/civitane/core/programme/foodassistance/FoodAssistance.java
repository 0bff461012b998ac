package org.civitane.core.programme.foodassistance;

import java.util.List;
import java.util.Optional;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.Programme;
import org.civitane.core.programme.Scale;
import org.civitane.core.reasoning.Reasoning;

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
    public Optional<Scale> scale() {
        return Optional.of(new Scale("net", List.of("netLimit")));
    }
}
