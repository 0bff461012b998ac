package org.civitane.core.programme.schoolmeals;

import static org.civitane.core.question.Question.Widget.AMOUNT;
import static org.civitane.core.question.Question.Widget.DATE;
import static org.civitane.core.question.Question.Widget.EACH_PERSON;
import static org.civitane.core.question.Question.Widget.GROUP;
import static org.civitane.core.question.Question.Widget.NUMBER;
import static org.civitane.core.question.Question.Widget.STATISTICS;
import static org.civitane.core.question.Question.Widget.TEXT;
import static org.civitane.core.question.Question.Widget.YES_NO;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.amount.Frequency;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.casefile.SignerNumber;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.question.Answers;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.HouseholdQuestions;
import org.civitane.core.question.Question;

/** What school meals asks, and in which order. */
final class SchoolMealsForm implements OnlineForm<SchoolMealsCase> {
    private static final List<Chapter> CHAPTERS = List.of(
            Chapter.of(
                    "people",
                    HouseholdQuestions.people(Question.of("awaySince", DATE).optional())),
            Chapter.of(
                    "pupils",
                    Question.of("members", EACH_PERSON)
                            .asking(
                                    Question.of("pupil", GROUP)
                                            .asking(Question.of("school", TEXT), Question.of("year", NUMBER))
                                            .notOf(Relationship.SELF, Relationship.SPOUSE, Relationship.PARTNER)
                                            .optional(),
                                    Question.of("foster", YES_NO)
                                            .onlyWhen("pupil", "true")
                                            .notOf(Relationship.SELF, Relationship.SPOUSE, Relationship.PARTNER)
                                            .optional())),
            Chapter.of(
                    "benefit",
                    Question.of("linkedBenefit", GROUP)
                            .asking(Question.choice("kind", LinkedBenefit.Kind.class), Question.of("caseNumber", TEXT))
                            .optional()),
            Chapter.of("income", HouseholdQuestions.incomes()),
            Chapter.of(
                    "sharing",
                    Question.of("shareWithHealthCover", YES_NO).optional(),
                    Question.of("statistics", STATISTICS).optional()));

    private static final List<Question> SCREENING = List.of(
            Question.of("pupil", YES_NO),
            Question.of("linkedBenefit", YES_NO),
            Question.of("people", NUMBER),
            Question.of("amount", AMOUNT),
            Question.choice("frequency", Frequency.class));

    private static final LocalDate GROWN_UP_SINCE = LocalDate.of(1980, 1, 1);

    @Override
    public List<Chapter> chapters() {
        return CHAPTERS;
    }

    @Override
    public List<Question> screening() {
        return SCREENING;
    }

    @Override
    public List<Question> signing() {
        return List.of(HouseholdQuestions.signature(), Question.of("signerNumber", Question.Widget.LAST_FOUR));
    }

    @Override
    public Set<String> saidInScreening() {
        return Set.of("householdSize", "freeLimit", "reducedLimit", "withinFree", "withinReduced");
    }

    @Override
    public SchoolMealsCase sketch(Map<String, String> typed, LocalDateTime now) {
        Answers answers = new Answers(typed);
        boolean pupil = answers.yes("pupil", true);
        List<MealsMember> members = new ArrayList<>();
        members.add(person("m1", Relationship.SELF, GROWN_UP_SINCE, Optional.empty()));
        Optional<Pupil> school = pupil ? Optional.of(new Pupil("-", 1)) : Optional.empty();
        for (int i = 2; i <= answers.people("people", 2, 2); i++) {
            members.add(person("m" + i, Relationship.CHILD, now.toLocalDate().minusYears(8), school));
        }
        boolean benefit = answers.yes("linkedBenefit", false);
        return new SchoolMealsCase(
                now,
                members,
                List.of(answers.income()),
                List.of(),
                List.of(new Signature("m1", "A A", now)),
                Optional.of(new SignerNumber(Optional.empty(), true)),
                benefit
                        ? Optional.of(new LinkedBenefit(LinkedBenefit.Kind.FOOD_ASSISTANCE, "-", true))
                        : Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static MealsMember person(String id, Relationship relationship, LocalDate born, Optional<Pupil> pupil) {
        return new MealsMember(id, "A", "A", born, relationship, pupil, false, Optional.empty());
    }
}
