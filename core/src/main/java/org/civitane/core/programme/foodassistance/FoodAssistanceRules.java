package org.civitane.core.programme.foodassistance;

import java.time.LocalDate;
import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.policy.SubsistenceLine;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Limit;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: what is missing, what is worked out, what is decided. */
final class FoodAssistanceRules {
    private static final Rule INCOMPLETE = new Rule(FoodAssistance.ID, "Incomplete");
    private static final Rule DECIDED = new Rule(FoodAssistance.ID, "Decided");
    private static final Rule URGENT = new Rule(FoodAssistance.ID, "Urgent");
    private static final String SUBJECT = "household";
    private static final int MOST_FIGURES = 20;

    private final FoodAssistanceCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion lineVersion;
    private final PolicyVersion version;
    private final FoodAssistancePolicy policy;

    private enum Result {
        APPROVED,
        DENIED,
        PENDING
    }

    private enum Basis {
        NO_UNIT,
        RESOURCES,
        GROSS_INCOME,
        NET_INCOME,
        NO_BENEFIT,
        INCOME
    }

    FoodAssistanceRules(FoodAssistanceCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.lineVersion = book.inForce(SubsistenceLine.TABLE, receivedOn);
        this.version = book.inForce(FoodAssistancePolicy.TABLE, receivedOn);
        this.policy = FoodAssistancePolicy.of(version);
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        Unit unit = Unit.of(file, receivedOn, policy, why);
        Figures.Builder figures =
                Figures.builder(MOST_FIGURES).add("unitSize", unit.size()).add("protected", unit.isProtected());
        if (unit.isEmpty()) {
            figures.add("urgent", false);
            return result(Status.DETERMINED, denied(Basis.NO_UNIT), figures, List.of(), false);
        }
        List<String> missing = missing(unit);
        boolean meansKnown = file.resources().isPresent() && file.expenses().isPresent();
        if (!meansKnown) {
            return result(
                    Status.INCOMPLETE, Outcome.of(SUBJECT, Result.PENDING, Basis.INCOME), figures, missing, false);
        }
        Means means = Means.of(file, unit, why);
        Costs costs = new Costs(file, unit, receivedOn, policy);
        Money allowance = costs.utilityAllowance(why);
        Shelter shelter = new Shelter(allowance, costs.shelter(allowance, why));
        boolean urgent = Urgency.of(unit, means, shelter, version, why);
        if (!missing.isEmpty()) {
            figures.add("urgent", urgent);
            return result(
                    Status.INCOMPLETE, Outcome.of(SUBJECT, Result.PENDING, Basis.INCOME), figures, missing, urgent);
        }
        Budget budget = Budget.of(means, unit, costs, shelter, file.homeless(), version, why);
        Limits limits = Limits.of(unit, lineVersion, version, why);
        figures.add("grossMonthly", means.grossMonthly()).add("earnedMonthly", means.earnedMonthly());
        budget.addTo(figures);
        figures.add("grossLimit", limits.gross())
                .add("netLimit", limits.net())
                .add("liquid", means.liquid())
                .add("resourceLimit", limits.resources())
                .add("maximum", limits.maximum())
                .add("urgent", urgent);
        return result(Status.DETERMINED, decide(unit, means, budget, limits), figures, missing, urgent);
    }

    private List<String> missing(Unit unit) {
        MissingCodes missing = new MissingCodes();
        requireIncomes(unit.people(), missing);
        requireIncomes(unit.excluded(), missing);
        missing.requireGiven("resources", file.resources());
        missing.requireGiven("expenses", file.expenses());
        missing.add(Signatures.missingOf(file, file.applicant()));
        return missing.told(why, INCOMPLETE);
    }

    private void requireIncomes(List<FoodMember> members, MissingCodes missing) {
        for (FoodMember member : members) {
            missing.require("income", member.id(), !member.isAdultOn(receivedOn) || file.statesIncomeOf(member.id()));
        }
    }

    private Outcome decide(Unit unit, Means means, Budget budget, Limits limits) {
        if (!Limit.within("withinResources", means.liquid(), limits.resources(), DECIDED, why)) {
            return denied(Basis.RESOURCES);
        }
        if (!unit.isProtected() && !Limit.within("withinGross", means.grossMonthly(), limits.gross(), DECIDED, why)) {
            return denied(Basis.GROSS_INCOME);
        }
        if (!Limit.within("withinNet", budget.net(), limits.net(), DECIDED, why)) {
            return denied(Basis.NET_INCOME);
        }
        Award award = new Award(file, unit, receivedOn, version, why);
        Money benefit = award.benefit(limits.maximum(), budget.net());
        if (!benefit.isPositive()) {
            return denied(Basis.NO_BENEFIT);
        }
        Figures more = Figures.builder(4)
                .add("benefit", benefit)
                .add("firstMonth", award.firstMonth(benefit))
                .add("months", award.months())
                .add("from", receivedOn)
                .build();
        why.step("decided.INCOME", Value.of(Result.APPROVED), DECIDED, s -> s.input("benefit", benefit));
        return Outcome.of(SUBJECT, Result.APPROVED, Basis.INCOME, more);
    }

    private Outcome denied(Basis basis) {
        why.step("decided." + basis, Value.of(Result.DENIED), DECIDED, s -> {});
        return Outcome.of(SUBJECT, Result.DENIED, basis);
    }

    private Determination result(
            Status status, Outcome outcome, Figures.Builder figures, List<String> missing, boolean urgent) {
        int days = urgent ? policy.urgentDays : policy.dueDays;
        LocalDate dueBy = BusinessCalendar.rolledBack(receivedOn.plusDays(days));
        why.day("dueBy", dueBy, URGENT, s -> s.input("days", days).table(version));
        return new Determination(
                FoodAssistance.ID,
                receivedOn,
                List.of(lineVersion, version),
                status,
                List.of(outcome),
                figures.build(),
                missing,
                dueBy,
                why.steps());
    }
}
