package org.civitane.core.programme.foodassistance;

import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.policy.SubsistenceLine;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;

/** What a unit of this size may have and can get. */
record Limits(Money gross, Money net, Money resources, Money maximum) {
    private static final Rule RULE = new Rule(FoodAssistance.ID, "Limits");
    private static final Rule AMOUNT = new Rule(FoodAssistance.ID, "Amount");
    private static final int ALL = 10_000;
    private static final int MONTHS = 12;

    static Limits of(Unit unit, PolicyVersion lineVersion, PolicyVersion version, Reasoning why) {
        FoodAssistancePolicy policy = FoodAssistancePolicy.of(version);
        Money line = SubsistenceLine.of(lineVersion).forSize(unit.size());
        Money gross = why.money(
                "grossLimit",
                line.share(policy.grossLimit.hundredths(), ALL * MONTHS, Money.EURO, Rounding.UP),
                RULE,
                s -> s.input("percent", policy.grossLimit)
                        .input("line", line)
                        .input("unitSize", unit.size())
                        .table(lineVersion));
        Money net = why.money(
                "netLimit",
                line.dividedBy(MONTHS, Money.EURO, Rounding.UP),
                RULE,
                s -> s.input("line", line).table(lineVersion));
        Money resources = why.money(
                unit.isProtected() ? "resourceLimitProtected" : "resourceLimit",
                policy.resourceLimit(unit.isProtected()),
                RULE,
                s -> s.table(version));
        Money maximum = why.money(
                "maximum",
                policy.maximum(unit.size()),
                AMOUNT,
                s -> s.input("unitSize", unit.size()).table(version));
        return new Limits(gross, net, resources, maximum);
    }
}
