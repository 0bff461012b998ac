package org.civitane.core.programme.rentarrears;

import static org.civitane.core.question.Question.Widget.AMOUNT;
import static org.civitane.core.question.Question.Widget.DATE;
import static org.civitane.core.question.Question.Widget.EACH_PERSON;
import static org.civitane.core.question.Question.Widget.NAMES;
import static org.civitane.core.question.Question.Widget.NUMBER;
import static org.civitane.core.question.Question.Widget.RECORD;
import static org.civitane.core.question.Question.Widget.TEXT;
import static org.civitane.core.question.Question.Widget.YES_NO;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.ExpenseKind;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Doubt;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Hardship;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Home;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Landlord;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Lease;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Owed;
import org.civitane.core.question.Answers;
import org.civitane.core.question.Chapter;
import org.civitane.core.question.HouseholdQuestions;
import org.civitane.core.question.Question;

/** What rent arrears relief asks, and in which order. */
final class RentArrearsForm implements OnlineForm<RentArrearsCase> {
    private static final List<Chapter> CHAPTERS = List.of(
            Chapter.of("people", HouseholdQuestions.people()),
            Chapter.of(
                    "hardship",
                    Question.of("hardship", RECORD)
                            .asking(Question.choice("reason", Hardship.Reason.class), Question.of("since", DATE)),
                    Question.of("explanation", TEXT).onlyWhen("hardship/reason", Hardship.Reason.OTHER.name())),
            Chapter.of(
                    "home",
                    Question.of("home", RECORD)
                            .asking(
                                    Question.of("postCode", TEXT),
                                    Question.of("bedrooms", NUMBER),
                                    Question.of("rent", AMOUNT),
                                    Question.of("tenantShare", AMOUNT).optional())),
            Chapter.of(
                    "lease",
                    Question.of("lease", RECORD).asking(Question.of("names", NAMES)),
                    Question.of("members", EACH_PERSON)
                            .asking(
                                    Question.of("onLease", YES_NO).optional(),
                                    Question.of("unemployedSince", DATE).optional())),
            Chapter.of(
                    "owed",
                    Question.months("arrears", Question.of("owed", AMOUNT), "alreadyAided"),
                    Question.of("monthsAhead", NUMBER).optional()),
            Chapter.of("income", HouseholdQuestions.incomes()),
            Chapter.of(
                    "owned",
                    HouseholdQuestions.resources(),
                    HouseholdQuestions.expenses(ExpenseKind.MEDICAL, ExpenseKind.DEPENDANT_CARE)),
            Chapter.of("landlord", Question.of("landlord", RECORD).asking(Question.of("name", TEXT))));

    private static final List<Question> SCREENING = List.of(
            Question.of("people", NUMBER),
            Question.of("amount", AMOUNT),
            Question.of("bedrooms", NUMBER),
            Question.of("rent", AMOUNT),
            Question.of("months", NUMBER));

    private static final LocalDate GROWN_UP_SINCE = LocalDate.of(1990, 1, 1);
    private static final String NAME = "A";
    private static final String SOME_POST_CODE = "1000";
    private static final int A_YEAR = 12;
    private static final int MOST_BEDROOMS = 20;

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
        return Set.of("householdSize", "withinIncome", "monthlyCap", "month.ARREARS");
    }

    @Override
    public Set<String> saidInEstimate() {
        return Set.of("monthlyCap", "month.ARREARS", "month.AHEAD");
    }

    @Override
    public List<Doubt> doubts(RentArrearsCase file, PolicyBook book) {
        return new RentArrearsDoubts(file, book).all();
    }

    @Override
    public RentArrearsCase sketch(Map<String, String> typed, LocalDateTime now) {
        Answers answers = new Answers(typed);
        List<Tenant> members = new ArrayList<>();
        members.add(person("m1", Relationship.SELF, GROWN_UP_SINCE));
        for (int i = 2; i <= answers.people("people", 1, 1); i++) {
            members.add(person("m" + i, Relationship.CHILD, now.toLocalDate().minusYears(8)));
        }
        Money rent = answers.amount("rent");
        List<Owed> arrears = new ArrayList<>();
        for (int back = answers.count("months", A_YEAR); back > 0; back--) {
            arrears.add(new Owed(YearMonth.from(now).minusMonths(back), rent));
        }
        return new RentArrearsCase(
                now,
                members,
                List.of(answers.income()),
                List.of(),
                Optional.of(List.of()),
                List.of(),
                Optional.of(new Hardship(Hardship.Reason.JOB_LOSS, now.toLocalDate())),
                Optional.empty(),
                Optional.of(new Home(SOME_POST_CODE, answers.count("bedrooms", MOST_BEDROOMS), rent, Optional.empty())),
                Optional.of(new Lease(List.of(NAME + " " + NAME))),
                Optional.of(arrears),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.of(new Landlord(
                        NAME, Optional.empty(), Landlord.TakesPart.YES, Optional.empty(), Optional.empty())),
                List.of(new Signature("m1", NAME + " " + NAME, now)));
    }

    private static Tenant person(String id, Relationship relationship, LocalDate born) {
        return new Tenant(id, NAME, NAME, born, relationship, relationship == Relationship.SELF, Optional.empty());
    }
}
