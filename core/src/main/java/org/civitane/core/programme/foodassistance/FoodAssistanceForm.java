package org.civitane.core.programme.foodassistance;

import static org.civitane.core.question.Question.Widget.AMOUNT;
import static org.civitane.core.question.Question.Widget.EACH_PERSON;
import static org.civitane.core.question.Question.Widget.NUMBER;
import static org.civitane.core.question.Question.Widget.YES_NO;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.amount.Frequency;
import org.civitane.core.casefile.Expense;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Resource;
import org.civitane.core.casefile.ResourceKind;
import org.civitane.core.casefile.Signature;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.foodassistance.FoodAssistanceCase.Utility;
import org.civitane.core.question.Answers;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.HouseholdQuestions;
import org.civitane.core.question.Question;

/** What food assistance asks, and in which order. */
final class FoodAssistanceForm implements OnlineForm<FoodAssistanceCase> {
    private static final List<Chapter> CHAPTERS = List.of(
            Chapter.of("people", HouseholdQuestions.people()),
            Chapter.of(
                    "meals",
                    Question.of("members", EACH_PERSON)
                            .asking(
                                    Question.tickedForNo("sharesMeals").notOf(Relationship.SELF),
                                    Question.of("notApplying", YES_NO).optional(),
                                    Question.of("disabled", YES_NO).optional(),
                                    Question.of("seasonalWorker", YES_NO).optional())),
            Chapter.of("income", HouseholdQuestions.incomes()),
            Chapter.of("owned", HouseholdQuestions.resources()),
            Chapter.of(
                    "costs",
                    HouseholdQuestions.expenses(),
                    Question.several("utilities", Utility.class),
                    Question.of("homeless", YES_NO).optional()));

    private static final List<Question> SCREENING = List.of(
            Question.of("people", NUMBER),
            Question.of("amount", AMOUNT),
            Question.of("rent", AMOUNT),
            Question.of("liquid", AMOUNT),
            Question.of("protected", YES_NO));

    private static final LocalDate GROWN_UP_SINCE = LocalDate.of(1990, 1, 1);
    private static final String NAME = "A";

    @Override
    public List<Chapter> chapters() {
        return CHAPTERS;
    }

    @Override
    public List<Question> screening() {
        return SCREENING;
    }

    @Override
    public Set<String> saidInScreening() {
        return Set.of("unitSize", "withinResources", "withinGross", "withinNet", "benefit", "leastBenefit");
    }

    @Override
    public FoodAssistanceCase sketch(Map<String, String> typed, LocalDateTime now) {
        Answers answers = new Answers(typed);
        boolean isProtected = answers.yes("protected", false);
        List<FoodMember> members = new ArrayList<>();
        members.add(person("m1", Relationship.SELF, GROWN_UP_SINCE, isProtected));
        for (int i = 2; i <= answers.people("people", 1, 1); i++) {
            members.add(person("m" + i, Relationship.CHILD, now.toLocalDate().minusYears(8), false));
        }
        Resource cash = new Resource(ResourceKind.CASH, answers.amount("liquid"), Optional.empty());
        Expense rent = new Expense(ExpenseKind.RENT, answers.amount("rent"), Frequency.MONTHLY, Optional.empty());
        return new FoodAssistanceCase(
                now,
                members,
                List.of(answers.income()),
                List.of(),
                Optional.of(List.of(cash)),
                Optional.of(List.of(rent)),
                List.of(Utility.ELECTRICITY),
                false,
                List.of(new Signature("m1", NAME + " " + NAME, now)));
    }

    private static FoodMember person(String id, Relationship relationship, LocalDate born, boolean disabled) {
        return new FoodMember(id, NAME, NAME, born, relationship, Optional.empty(), false, disabled, false);
    }
}
