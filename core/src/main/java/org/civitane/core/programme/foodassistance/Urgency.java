package org.civitane.core.programme.foodassistance;

import org.civitane.core.amount.Money;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;

/** Whether a unit cannot wait. */
final class Urgency {
    private static final Rule RULE = new Rule(FoodAssistance.ID, "Urgent");

    private Urgency() {}

    static boolean of(Unit unit, Means means, Shelter shelter, PolicyVersion version, Reasoning why) {
        FoodAssistancePolicy policy = FoodAssistancePolicy.of(version);
        Money gross = means.grossMonthly();
        Money liquid = means.liquid();
        boolean littleAtHand = liquid.within(policy.urgentLiquid);
        boolean littleIncome = littleAtHand && !policy.urgentGrossUnder.within(gross);
        if (littleIncome) {
            return why.holds(
                    "urgentLittleIncome",
                    true,
                    RULE,
                    s -> s.input("grossMonthly", gross).input("liquid", liquid).table(version));
        }
        boolean costsOverMeans = shelter.costs().over(gross.plus(liquid));
        if (costsOverMeans) {
            return why.holds(
                    "urgentCosts",
                    true,
                    RULE,
                    s -> s.input("grossMonthly", gross).input("liquid", liquid).input("shelterCosts", shelter.costs()));
        }
        boolean seasonal = littleAtHand && unit.people().stream().anyMatch(FoodMember::seasonalWorker);
        return why.holds(
                "urgentSeasonal", seasonal, RULE, s -> s.input("liquid", liquid).table(version));
    }
}
