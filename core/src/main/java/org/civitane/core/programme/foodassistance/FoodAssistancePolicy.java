package org.civitane.core.programme.foodassistance;

import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class FoodAssistancePolicy {
    static final String TABLE = "food-assistance";

    final int childUnder;
    final int protectedFrom;
    final Percent earnedDisregard;
    final Money medicalBorne;
    final Money heatingAllowance;
    final Money electricityOrWaterAllowance;
    final Money phoneAllowance;
    final Money mostExcessShelter;
    final Money homelessShelter;
    final Percent grossLimit;
    final Money resourceLimit;
    final Money protectedResourceLimit;
    final Percent benefitShare;
    final Money leastBenefit;
    final int leastBenefitUpTo;
    final Money leastFirstMonth;
    final int steadyMonths;
    final int changingMonths;
    final int usualMonths;
    final Money urgentGrossUnder;
    final Money urgentLiquid;
    final int urgentDays;
    final int dueDays;
    private final List<Money> standard;
    private final List<Money> maximum;
    private final Money maximumFurther;

    private FoodAssistancePolicy(PolicyVersion version) {
        childUnder = version.count("childUnder");
        protectedFrom = version.count("protectedFrom");
        earnedDisregard = version.percent("earnedDisregardPercent");
        standard = version.row("standard");
        medicalBorne = version.money("medicalBorne");
        heatingAllowance = version.money("heatingAllowance");
        electricityOrWaterAllowance = version.money("electricityOrWaterAllowance");
        phoneAllowance = version.money("phoneAllowance");
        mostExcessShelter = version.money("mostExcessShelter");
        homelessShelter = version.money("homelessShelter");
        grossLimit = version.percent("grossLimitPercent");
        resourceLimit = version.money("resourceLimit");
        protectedResourceLimit = version.money("protectedResourceLimit");
        maximum = version.row("maximum");
        maximumFurther = version.money("maximumFurther");
        benefitShare = version.percent("benefitSharePercent");
        leastBenefit = version.money("leastBenefit");
        leastBenefitUpTo = version.count("leastBenefitUpTo");
        leastFirstMonth = version.money("leastFirstMonth");
        steadyMonths = version.count("steadyMonths");
        changingMonths = version.count("changingMonths");
        usualMonths = version.count("usualMonths");
        urgentGrossUnder = version.money("urgentGrossUnder");
        urgentLiquid = version.money("urgentLiquid");
        urgentDays = version.count("urgentDays");
        dueDays = version.count("dueDays");
    }

    static FoodAssistancePolicy of(PolicyVersion version) {
        return version.view(FoodAssistancePolicy.class, FoodAssistancePolicy::new);
    }

    /** The standard deduction; the last of the row holds for all larger units. */
    Money standard(int unitSize) {
        return standard.get(Math.min(unitSize, standard.size()) - 1);
    }

    /** The most a unit can get; each person beyond the row adds the same. */
    Money maximum(int unitSize) {
        int beyond = Math.max(0, unitSize - maximum.size());
        return maximum.get(unitSize - beyond - 1).plus(maximumFurther.times(beyond));
    }

    Money resourceLimit(boolean isProtected) {
        return isProtected ? protectedResourceLimit : resourceLimit;
    }
}
