package org.civitane.core.programme.repaymentplan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.repaymentplan.RepaymentPlanCase.Debt;
import org.civitane.core.programme.repaymentplan.RepaymentPlanCase.DebtKind;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The debts that the plan is for, with their interest to the received date (chapter, Debts). */
record Owed(List<Picked> picked, Money principal, Money interest) {
    private static final Rule RULE = new Rule(RepaymentPlan.ID, "Debts");
    private static final long A_YEAR = 365;
    private static final long ALL = 10_000;

    /** One of them. */
    record Picked(Debt debt, Money interest) {
        Value toValue() {
            return new Value.Fields(Figures.builder(4)
                    .add("id", debt.id())
                    .add("amount", debt.amount())
                    .add("interest", interest)
                    .add("inPlan", debt.inPlan())
                    .build());
        }
    }

    static Owed of(List<Debt> debts, DebtKind kind, LocalDate receivedOn, PolicyVersion version, Reasoning why) {
        Reasoning each = why.below("principal", RULE);
        List<Picked> picked = new ArrayList<>();
        Money principal = Money.ZERO;
        Money interest = Money.ZERO;
        for (Debt debt : debts) {
            if (debt.kind() == kind && debt.isConfirmed()) {
                Money of = interest(debt, receivedOn, version, each);
                picked.add(new Picked(debt, of));
                principal = principal.plus(debt.amount());
                interest = interest.plus(of);
            }
        }
        each.concluded(Value.of(principal), s -> s.input("kind", kind).input("debts", picked.size()));
        Money all = interest;
        why.money("interest", all, RULE, s -> s.input("debts", picked.size()));
        return new Owed(List.copyOf(picked), principal, all);
    }

    Money total() {
        return principal.plus(interest);
    }

    boolean isInAnotherPlan() {
        return picked.stream().anyMatch(each -> each.debt().inPlan());
    }

    Value toValue() {
        return new Value.Row(picked.stream().map(Picked::toValue).toList());
    }

    private static Money interest(Debt debt, LocalDate receivedOn, PolicyVersion version, Reasoning why) {
        RepaymentPlanPolicy policy = RepaymentPlanPolicy.of(version);
        long days = debt.interestFrom()
                .map(from -> Math.max(0, ChronoUnit.DAYS.between(from, receivedOn)))
                .orElse(0L);
        return why.money(
                "debtInterest",
                debt.amount().share(policy.interest.hundredths() * days, ALL * A_YEAR, Money.CENT, Rounding.HALF_UP),
                RULE,
                s -> s.input("id", debt.id())
                        .input("amount", debt.amount())
                        .input("percent", policy.interest)
                        .input("days", (int) days)
                        .fact("debts", debt.id(), "amount")
                        .table(version));
    }
}
