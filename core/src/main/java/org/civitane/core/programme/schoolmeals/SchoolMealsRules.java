package org.civitane.core.programme.schoolmeals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.casefile.SignerNumber;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.policy.SubsistenceLine;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter, in its order, for one case file. */
final class SchoolMealsRules {
    private static final Rule COUNTED = new Rule("school-meals", "Counted household");
    private static final Rule INCOMPLETE = new Rule("school-meals", "Incomplete");
    private static final Rule YIELDS = new Rule("school-meals", "Yields");

    private final SchoolMealsCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion lineVersion;
    private final PolicyVersion version;
    private final SchoolMealsPolicy policy;
    private final List<MealsMember> counted;
    private final List<MealsMember> pupils;

    SchoolMealsRules(SchoolMealsCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.lineVersion = book.inForce(SubsistenceLine.TABLE, receivedOn);
        this.version = book.inForce(SchoolMealsPolicy.TABLE, receivedOn);
        this.policy = SchoolMealsPolicy.of(version);
        this.counted = file.members().stream().filter(this::counts).toList();
        this.pupils = file.members().stream().filter(MealsMember::isPupil).toList();
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        int householdSize = householdSize();
        boolean testNeeded = pupils.stream().anyMatch(pupil -> basis(pupil) == MealsBasis.INCOME);
        Optional<IncomeTest> test = testNeeded
                ? Optional.of(
                        IncomeTest.of(file, new CountedHousehold(counted, householdSize), lineVersion, policy, why))
                : Optional.empty();

        Set<String> signatures = Signatures.missingOfAnyAdult(file, receivedOn);
        boolean incomeStated = !testNeeded || counted.stream().allMatch(this::statesIncome);
        List<String> missing = missing(testNeeded, signatures);

        Optional<MealsResult> byIncome = test.filter(t -> missing.isEmpty()).map(t -> t.result(why));
        List<Outcome> outcomes = new ArrayList<>(pupils.size());
        for (MealsMember pupil : pupils) {
            outcomes.add(outcome(pupil, byIncome, signatures.isEmpty()));
        }
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays());
        why.day("dueBy", dueBy, YIELDS, s -> s.input("days", policy.dueDays()).table(version));
        return new Determination(
                SchoolMeals.ID,
                receivedOn,
                List.of(lineVersion, version),
                missing.isEmpty() ? Status.DETERMINED : Status.INCOMPLETE,
                outcomes,
                figures(householdSize, test, incomeStated),
                missing,
                dueBy,
                why.steps());
    }

    private boolean counts(MealsMember member) {
        LocalDate earliest = receivedOn.minusDays(policy.awayDays());
        return member.awaySince().map(since -> !since.isBefore(earliest)).orElse(true);
    }

    private int householdSize() {
        for (MealsMember member : file.members()) {
            if (!counts(member)) {
                why.step(
                        "away",
                        Value.of(member.awaySince().orElseThrow()),
                        COUNTED,
                        s -> s.input("member", member.id())
                                .input("days", policy.awayDays())
                                .fact("members", member.id(), "awaySince")
                                .table(version));
            }
        }
        return why.count(
                "householdSize",
                Math.max(1, counted.size()),
                COUNTED,
                s -> s.input("members", file.members().size()));
    }

    private MealsBasis basis(MealsMember pupil) {
        if (file.hasConfirmedBenefit()) {
            return MealsBasis.LINKED_BENEFIT;
        }
        return pupil.foster() ? MealsBasis.FOSTER : MealsBasis.INCOME;
    }

    private List<String> missing(boolean testNeeded, Set<String> signatures) {
        MissingCodes missing = new MissingCodes();
        signatures.forEach(code -> missing.require(code, false));
        missing.require("pupil", !pupils.isEmpty());
        if (testNeeded) {
            counted.forEach(member -> missing.require("income", member.id(), statesIncome(member)));
            boolean numberGiven =
                    file.signerNumber().filter(SignerNumber::isGiven).isPresent();
            missing.require("signer-number", numberGiven);
        }
        return missing.told(why, INCOMPLETE);
    }

    private boolean statesIncome(MealsMember member) {
        return !member.isAdultOn(receivedOn) || file.statesIncomeOf(member.id());
    }

    private Outcome outcome(MealsMember pupil, Optional<MealsResult> byIncome, boolean signed) {
        MealsBasis basis = basis(pupil);
        MealsResult result = switch (basis) {
            case LINKED_BENEFIT, FOSTER -> signed ? MealsResult.FREE : MealsResult.PENDING;
            case INCOME -> byIncome.orElse(MealsResult.PENDING);
        };
        why.step("pupil." + basis, Value.of(result), ruleOf(basis), s -> {
            s.input("member", pupil.id());
            switch (basis) {
                case LINKED_BENEFIT ->
                    s.input("caseNumber", file.linkedBenefit().orElseThrow().caseNumber())
                            .fact("linkedBenefit", "confirmed");
                case FOSTER -> s.fact("members", pupil.id(), "foster");
                case INCOME -> s.fact("members", pupil.id(), "pupil");
            }
        });
        return switch (result) {
            case FREE, REDUCED -> Outcome.of(pupil.id(), result, basis, runs());
            case DENIED, PENDING -> Outcome.of(pupil.id(), result, basis);
        };
    }

    private Figures runs() {
        LocalDate lastDay = SchoolYear.of(receivedOn).businessDayOfNext(policy.carryOverDays());
        return Figures.builder(2).add("from", receivedOn).add("to", lastDay).build();
    }

    private static Rule ruleOf(MealsBasis basis) {
        return new Rule("school-meals", String.valueOf(basis.ordinal() + 1));
    }

    private static Figures figures(int householdSize, Optional<IncomeTest> test, boolean incomeStated) {
        Figures.Builder figures = Figures.builder(5).add("householdSize", householdSize);
        test.ifPresent(t -> {
            figures.add("testPeriod", t.period());
            if (incomeStated) {
                figures.add("countedIncome", t.counted());
            }
            figures.add("freeLimit", t.freeLimit()).add("reducedLimit", t.reducedLimit());
        });
        return figures.build();
    }
}
