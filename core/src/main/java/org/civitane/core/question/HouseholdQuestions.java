package org.civitane.core.question;

import static org.civitane.core.question.Question.Widget.AMOUNT;
import static org.civitane.core.question.Question.Widget.DATE;
import static org.civitane.core.question.Question.Widget.EXPENSES;
import static org.civitane.core.question.Question.Widget.INCOMES;
import static org.civitane.core.question.Question.Widget.PEOPLE;
import static org.civitane.core.question.Question.Widget.RESOURCES;
import static org.civitane.core.question.Question.Widget.SIGNATURE;
import static org.civitane.core.question.Question.Widget.TEXT;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.civitane.core.amount.Frequency;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.IncomeKind;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.ResourceKind;

/** What many programmes ask alike: who lives together, what comes in, what is owned and what is paid for. */
public final class HouseholdQuestions {
    private HouseholdQuestions() {}

    /** The household, and what else is asked of each person but the applicant. */
    public static Question people(Question... more) {
        List<Question> parts = new ArrayList<>(List.of(
                Question.of("givenName", TEXT),
                Question.of("familyName", TEXT),
                Question.of("dateOfBirth", DATE),
                Question.choice("relationship", others()).notOf(Relationship.SELF)));
        Arrays.stream(more).map(part -> part.notOf(Relationship.SELF)).forEach(parts::add);
        return Question.of("members", PEOPLE).asking(parts.toArray(Question[]::new));
    }

    /** Income lines of each adult, or the declaration that there are none (rulebook 0.2). */
    public static Question incomes() {
        return Question.of("incomes", INCOMES)
                .asking(
                        Question.choice("kind", IncomeKind.class),
                        Question.of("amount", AMOUNT),
                        Question.choice("frequency", Frequency.class),
                        Question.of("employer", TEXT)
                                .onlyWhen("kind", IncomeKind.WAGES.name())
                                .optional());
    }

    /** The signature of whoever applies (rulebook 0.2). */
    public static Question signature() {
        return Question.of("signatures", SIGNATURE);
    }

    /** What the household owns; whose it is, where there is more than one person. */
    public static Question resources() {
        return Question.of("resources", RESOURCES)
                .asking(
                        Question.choice("kind", ResourceKind.class),
                        Question.of("amount", AMOUNT),
                        Question.of("owner", Question.Widget.MEMBER).optional());
    }

    /** What the household pays for; for whom, where there is more than one person. */
    public static Question expenses() {
        return expenses(ExpenseKind.values());
    }

    /** Of what the household pays for, these kinds. */
    public static Question expenses(ExpenseKind... kinds) {
        return Question.of("expenses", EXPENSES)
                .asking(
                        Question.choice(
                                "kind", Arrays.stream(kinds).map(Enum::name).toList()),
                        Question.of("amount", AMOUNT),
                        Question.choice("frequency", Frequency.class),
                        Question.of("for", Question.Widget.MEMBER).optional());
    }

    private static List<String> others() {
        return Arrays.stream(Relationship.values())
                .filter(relationship -> relationship != Relationship.SELF)
                .map(Enum::name)
                .toList();
    }
}
