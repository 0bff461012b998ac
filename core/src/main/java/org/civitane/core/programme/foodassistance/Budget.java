package org.civitane.core.programme.foodassistance;

import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;

/** From gross to net: the deductions, in the chapter's order and under its names. */
record Budget(
        Money earnedDisregard,
        Money standard,
        Money dependantCare,
        Money medical,
        Money supportPaid,
        Money adjusted,
        Money utilityAllowance,
        Money shelterCosts,
        Money excessShelter,
        Money net) {
    private static final Rule RULE = new Rule(FoodAssistance.ID, "Deductions");

    /** The costs of living somewhere are known before, since urgency asks for them too. */
    static Budget of(
            Means means,
            Unit unit,
            Costs costs,
            Shelter shelter,
            boolean homeless,
            PolicyVersion version,
            Reasoning why) {
        FoodAssistancePolicy policy = FoodAssistancePolicy.of(version);
        Money disregard = why.money(
                "earnedDisregard",
                means.earnedMonthly().percent(policy.earnedDisregard, Money.CENT, Rounding.HALF_UP),
                RULE,
                s -> s.input("percent", policy.earnedDisregard)
                        .input("earnedMonthly", means.earnedMonthly())
                        .table(version));
        Money standard = why.money(
                "standard",
                policy.standard(unit.size()),
                RULE,
                s -> s.input("unitSize", unit.size()).table(version));
        Money care = costs.dependantCare(why);
        Money medical = costs.medical(why);
        Money support = costs.supportPaid(why);
        Money adjusted = why.money(
                "adjusted",
                means.grossMonthly()
                        .minus(disregard)
                        .minus(standard)
                        .minus(care)
                        .minus(medical)
                        .minus(support)
                        .atLeast(Money.ZERO),
                RULE,
                s -> s.input("grossMonthly", means.grossMonthly())
                        .input("earnedDisregard", disregard)
                        .input("standard", standard)
                        .input("dependantCare", care)
                        .input("medical", medical)
                        .input("supportPaid", support));
        Money excess = homeless
                ? homelessShelter(shelter, version, policy, why)
                : excess(adjusted, shelter, unit, version, policy, why);
        Money net = why.money(
                "net",
                adjusted.minus(excess).atLeast(Money.ZERO).dividedBy(1, Money.EURO, Rounding.HALF_UP),
                RULE,
                s -> s.input("adjusted", adjusted).input("excessShelter", excess));
        return new Budget(
                disregard,
                standard,
                care,
                medical,
                support,
                adjusted,
                shelter.allowance(),
                shelter.costs(),
                excess,
                net);
    }

    /** Adds these figures under the chapter's names. */
    void addTo(Figures.Builder figures) {
        figures.add("earnedDisregard", earnedDisregard)
                .add("standard", standard)
                .add("dependantCare", dependantCare)
                .add("medical", medical)
                .add("supportPaid", supportPaid)
                .add("adjusted", adjusted)
                .add("utilityAllowance", utilityAllowance)
                .add("shelterCosts", shelterCosts)
                .add("excessShelter", excessShelter)
                .add("net", net);
    }

    private static Money homelessShelter(
            Shelter shelter, PolicyVersion version, FoodAssistancePolicy policy, Reasoning why) {
        Money flat = shelter.costs().isPositive() ? policy.homelessShelter : Money.ZERO;
        return why.money(
                "homelessShelter",
                flat,
                RULE,
                s -> s.input("shelterCosts", shelter.costs()).fact("homeless").table(version));
    }

    private static Money excess(
            Money adjusted,
            Shelter shelter,
            Unit unit,
            PolicyVersion version,
            FoodAssistancePolicy policy,
            Reasoning why) {
        Money half = adjusted.dividedBy(2, Money.CENT, Rounding.HALF_UP);
        Money over = shelter.costs().minus(half).atLeast(Money.ZERO);
        if (unit.isProtected()) {
            return why.money(
                    "excessShelterProtected",
                    over,
                    RULE,
                    s -> s.input("shelterCosts", shelter.costs()).input("half", half));
        }
        return why.money(
                "excessShelter",
                over.limitedTo(policy.mostExcessShelter),
                RULE,
                s -> s.input("shelterCosts", shelter.costs())
                        .input("half", half)
                        .input("most", policy.mostExcessShelter)
                        .table(version));
    }
}
