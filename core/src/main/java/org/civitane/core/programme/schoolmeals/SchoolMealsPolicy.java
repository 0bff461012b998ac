package org.civitane.core.programme.schoolmeals;

import org.civitane.core.amount.Percent;
import org.civitane.core.policy.PolicyVersion;

/**
 * The figures of the chapter.
 *
 * @param free the share of the subsistence line up to which meals are free
 * @param reduced the share up to which they cost less
 * @param awayDays how many days away a member still counts
 * @param carryOverDays the business day of the next school year on which meals end
 * @param dueDays business days from receipt to the decision
 */
record SchoolMealsPolicy(Percent free, Percent reduced, int awayDays, int carryOverDays, int dueDays) {
    static final String TABLE = "school-meals";

    static SchoolMealsPolicy of(PolicyVersion version) {
        return version.view(
                SchoolMealsPolicy.class,
                v -> new SchoolMealsPolicy(
                        v.percent("freePercent"),
                        v.percent("reducedPercent"),
                        v.count("awayDays"),
                        v.count("carryOverDays"),
                        v.count("dueDays")));
    }
}
