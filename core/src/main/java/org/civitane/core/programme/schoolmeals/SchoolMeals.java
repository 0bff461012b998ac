package org.civitane.core.programme.schoolmeals;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.fact.Confirmed;
import org.civitane.core.fact.Lack;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.Programme;
import org.civitane.core.programme.Scale;
import org.civitane.core.reasoning.Reasoning;

/**
 * Free or reduced-price meals for the pupils of a household: one application per household per school year (rulebook,
 * chapter school meals). No paper is needed before the decision: decided claims are sampled for verification instead.
 */
public final class SchoolMeals implements Programme<SchoolMealsCase> {
    public static final String ID = "school-meals";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String numberPrefix() {
        return "SM";
    }

    @Override
    public Class<SchoolMealsCase> caseType() {
        return SchoolMealsCase.class;
    }

    @Override
    public Determination determine(SchoolMealsCase file, PolicyBook book, Reasoning why) {
        return new SchoolMealsRules(file, book, why).determine();
    }

    @Override
    public Optional<OnlineForm<SchoolMealsCase>> form() {
        return Optional.of(new SchoolMealsForm());
    }

    @Override
    public Optional<String> season(LocalDate receivedOn) {
        return Optional.of(SchoolYear.of(receivedOn).toString());
    }

    @Override
    public Optional<Scale> scale() {
        return Optional.of(new Scale("countedIncome", List.of("freeLimit", "reducedLimit")));
    }

    @Override
    public List<Lack> lacks() {
        return List.of(
                Lack.of("pupil", "members").first(),
                Lack.INCOME,
                Lack.SIGNATURE,
                Lack.SIGNATURE_NAME,
                Lack.SIGNER_NUMBER);
    }

    @Override
    public Map<String, Finding> findings() {
        return Map.of(
                "FREE", Finding.GRANTED, "REDUCED", Finding.PARTLY, "DENIED", Finding.REFUSED, "PENDING", Finding.OPEN);
    }

    @Override
    public Optional<Confirmed> confirmedByRegister() {
        return Optional.of(new Confirmed("linkedBenefit", "kind", "caseNumber", "confirmed"));
    }
}
