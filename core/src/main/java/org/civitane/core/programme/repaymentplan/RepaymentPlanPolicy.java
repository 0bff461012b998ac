package org.civitane.core.programme.repaymentplan;

import org.civitane.core.amount.Percent;
import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class RepaymentPlanPolicy {
    static final String TABLE = "repayment-plan";

    final int fewestMonths;
    final int mostMonths;
    final Percent leastFirstShare;
    final Percent mostFirstShare;
    final int statementMonths;
    final Percent interest;
    final int firstDueDays;
    final int dueDays;

    private RepaymentPlanPolicy(PolicyVersion version) {
        fewestMonths = version.count("fewestMonths");
        mostMonths = version.count("mostMonths");
        leastFirstShare = version.percent("leastFirstSharePercent");
        mostFirstShare = version.percent("mostFirstSharePercent");
        statementMonths = version.count("statementMonths");
        interest = version.percent("interestPercent");
        firstDueDays = version.count("firstDueDays");
        dueDays = version.count("dueDays");
    }

    static RepaymentPlanPolicy of(PolicyVersion version) {
        return version.view(RepaymentPlanPolicy.class, RepaymentPlanPolicy::new);
    }
}
