package org.civitane.core.programme.schoolmeals;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Programme;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.Question;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Wording;

/**
 * Free or reduced-price meals for the pupils of a household: one application per household per school year (rulebook,
 * chapter school meals).
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
    public List<Chapter> chapters() {
        return SchoolMealsForm.CHAPTERS;
    }

    @Override
    public List<Question> screening() {
        return SchoolMealsForm.SCREENING;
    }

    @Override
    public SchoolMealsCase sketch(Map<String, String> answers, LocalDateTime now) {
        return SchoolMealsForm.sketch(answers, now);
    }

    /** None before the decision: school meals samples decided claims for verification instead. */
    @Override
    public List<EvidenceNeed> evidenceNeeds(SchoolMealsCase file) {
        return List.of();
    }

    @Override
    public Optional<String> season(LocalDate receivedOn) {
        return Optional.of(SchoolYear.of(receivedOn).toString());
    }

    @Override
    public Wording wording(Locale locale) {
        return Wording.of("org.civitane.core.programme.schoolmeals.wording", locale);
    }
}
