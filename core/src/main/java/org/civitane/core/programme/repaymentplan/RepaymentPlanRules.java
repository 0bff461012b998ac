package org.civitane.core.programme.repaymentplan;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Instalments;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.CountedIncome;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.repaymentplan.RepaymentPlanCase.Cost;
import org.civitane.core.programme.repaymentplan.RepaymentPlanCase.Review;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: what is missing, what is owed, how it is paid, whether that fits. */
final class RepaymentPlanRules {
    private static final Rule INCOMPLETE = new Rule(RepaymentPlan.ID, "Incomplete");
    private static final Rule MEANS = new Rule(RepaymentPlan.ID, "Means");
    private static final Rule DECIDED = new Rule(RepaymentPlan.ID, "Decided");

    private final RepaymentPlanCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion version;
    private final RepaymentPlanPolicy policy;
    private final Person applicant;

    private enum Result {
        APPROVED,
        DENIED,
        REVIEW,
        PENDING
    }

    private enum Basis {
        NOTHING_DUE,
        IN_PLAN,
        MEANS,
        REVIEW
    }

    RepaymentPlanRules(RepaymentPlanCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.version = book.inForce(RepaymentPlanPolicy.TABLE, receivedOn);
        this.policy = RepaymentPlanPolicy.of(version);
        this.applicant = Person.applicantOf(file.members());
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        List<String> missing = missing();
        if (!missing.isEmpty()) {
            return result(
                    Status.INCOMPLETE, Outcome.of(applicant.id(), Result.PENDING, Basis.MEANS), Figures.NONE, missing);
        }
        Owed owed = Owed.of(file.debts().orElseThrow(), file.kind().orElseThrow(), receivedOn, version, why);
        Plan plan = Plan.of(
                owed.total(),
                file.firstShare().orElseThrow(),
                file.months().orElseThrow(),
                file.decidedOn().orElse(receivedOn),
                version,
                why);
        Surplus means = surplus();
        return result(Status.DETERMINED, outcome(owed, plan, means.surplus()), figures(owed, plan, means), missing);
    }

    private List<String> missing() {
        MissingCodes missing = new MissingCodes();
        missing.requireGiven("debts", file.debts());
        missing.requireGiven("kind", file.kind());
        file.debts().orElse(List.of()).stream()
                .filter(debt -> file.kind().filter(debt.kind()::equals).isPresent())
                .forEach(debt -> missing.requireGiven("debt:" + debt.id(), debt.answer()));
        missing.requireGiven("reason", file.reason());
        missing.requireGiven("explanation", file.explanation());
        missing.require("months", file.months().filter(this::isPossible).isPresent());
        missing.require(
                "first-share", file.firstShare().filter(this::isPossible).isPresent());
        YearMonth received = YearMonth.from(receivedOn);
        for (int back = 1; back <= policy.statementMonths; back++) {
            YearMonth month = received.minusMonths(back);
            missing.require("statements:" + month, file.statements().contains(month));
        }
        for (Person member : file.members()) {
            if (member.isAdultOn(receivedOn)) {
                missing.require("income", member.id(), file.statesIncomeOf(member.id()));
            }
        }
        missing.requireGiven("expenses", file.expenses());
        missing.require("declaration", file.declaration());
        missing.add(Signatures.missingOf(file, applicant));
        return missing.told(why, INCOMPLETE);
    }

    private boolean isPossible(int months) {
        return months >= policy.fewestMonths && months <= policy.mostMonths;
    }

    private boolean isPossible(Hundredths firstShare) {
        return firstShare.count() >= policy.leastFirstShare.hundredths()
                && firstShare.count() <= policy.mostFirstShare.hundredths();
    }

    /** What a month leaves; below 0 where it leaves nothing. */
    private record Surplus(Money income, Money expenses, Money surplus) {}

    private Surplus surplus() {
        Money annual = CountedIncome.annual("annualIncome", file.incomes(), MEANS, why);
        Money income = why.money("monthlyIncome", Frequency.monthly(annual), MEANS, s -> s.input("annual", annual));
        Money expenses = why.money(
                "monthlyExpenses",
                Frequency.monthly(
                        file.expenses().orElseThrow().stream().map(Cost::annual).reduce(Money.ZERO, Money::plus)),
                MEANS,
                s -> s.fact("expenses"));
        Money surplus = why.money(
                "surplus",
                income.minus(expenses),
                MEANS,
                s -> s.input("monthlyIncome", income).input("monthlyExpenses", expenses));
        return new Surplus(income, expenses, surplus);
    }

    private Outcome outcome(Owed owed, Plan plan, Money surplus) {
        if (!why.holds("somethingDue", owed.principal().isPositive(), DECIDED, s -> s.fact("debts"))) {
            return denied(Basis.NOTHING_DUE);
        }
        if (!why.holds("inNoPlan", !owed.isInAnotherPlan(), DECIDED, s -> s.fact("debts"))) {
            return denied(Basis.IN_PLAN);
        }
        boolean fits = why.holds(
                "fits",
                plan.fits(surplus),
                MEANS,
                s -> s.input("instalment", plan.instalment()).input("surplus", surplus));
        if (fits) {
            return granted(Result.APPROVED, Basis.MEANS, Figures.NONE, plan);
        }
        if (file.review().isEmpty()) {
            return granted(Result.REVIEW, Basis.MEANS, monthsNeeded(plan.rest(), surplus), plan);
        }
        return file.review().get() == Review.ACCEPTED
                ? granted(Result.APPROVED, Basis.REVIEW, Figures.NONE, plan)
                : denied(Basis.MEANS);
    }

    /** The fewest months in which it would fit; nothing where none do. */
    private Figures monthsNeeded(Money rest, Money surplus) {
        OptionalInt needed = IntStream.rangeClosed(policy.fewestMonths, policy.mostMonths)
                .filter(months -> Instalments.each(rest, months).within(surplus))
                .findFirst();
        if (needed.isEmpty()) {
            why.step(
                    "noMonths",
                    new Value.Nothing(),
                    DECIDED,
                    s -> s.input("most", policy.mostMonths).table(version));
            return Figures.NONE;
        }
        int months = why.count(
                "monthsNeeded",
                needed.getAsInt(),
                DECIDED,
                s -> s.input("surplus", surplus).input("rest", rest).table(version));
        return Figures.NONE.with("monthsNeeded", Value.of(months));
    }

    private Outcome granted(Result result, Basis basis, Figures before, Plan plan) {
        why.step(
                "granted." + result + "." + basis,
                Value.of(result),
                DECIDED,
                s -> s.input("total", plan.owed()).input("months", plan.months()));
        Figures more = before.with("total", Value.of(plan.owed())).with("schedule", plan.schedule());
        return Outcome.of(applicant.id(), result, basis, more);
    }

    private Outcome denied(Basis basis) {
        why.step("denied." + basis, Value.of(Result.DENIED), DECIDED, s -> {});
        return Outcome.of(applicant.id(), Result.DENIED, basis);
    }

    private static Figures figures(Owed owed, Plan plan, Surplus means) {
        return Figures.builder(11)
                .add("principal", owed.principal())
                .add("interest", owed.interest())
                .add("owed", owed.total())
                .add("first", plan.first())
                .add("firstDueOn", plan.firstDueOn())
                .add("rest", plan.rest())
                .add("instalment", plan.instalment())
                .add("monthlyIncome", means.income())
                .add("monthlyExpenses", means.expenses())
                .add("surplus", means.surplus())
                .add("debts", owed.toValue())
                .build();
    }

    private Determination result(Status status, Outcome outcome, Figures figures, List<String> missing) {
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, INCOMPLETE, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                RepaymentPlan.ID,
                receivedOn,
                List.of(version),
                status,
                List.of(outcome),
                figures,
                missing,
                dueBy,
                why.steps());
    }
}
