package org.civitane.core.programme.paidleave;

import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class PaidLeavePolicy {
    static final String TABLE = "paid-leave";

    final Money leastTotalWages;
    final Money leastHighestWages;
    final int averageWeeks;
    final Percent lowerShare;
    final Money lowerShareUpTo;
    final Percent upperShare;
    final Money mostWeeklyBenefit;
    final Money leastWeeklyBenefit;
    final int leaveYearDays;
    final Hundredths entitlement;
    final Hundredths entitlementPregnancy;
    final int noticeDays;
    final int emergencyNoticeDays;
    final Percent lateNotice;
    final Percent national;
    final Percent regional;
    final int dueDays;

    private PaidLeavePolicy(PolicyVersion version) {
        leastTotalWages = version.money("leastTotalWages");
        leastHighestWages = version.money("leastHighestWages");
        averageWeeks = version.count("averageWeeks");
        lowerShare = version.percent("lowerSharePercent");
        lowerShareUpTo = version.money("lowerShareUpTo");
        upperShare = version.percent("upperSharePercent");
        mostWeeklyBenefit = version.money("mostWeeklyBenefit");
        leastWeeklyBenefit = version.money("leastWeeklyBenefit");
        leaveYearDays = version.count("leaveYearDays");
        entitlement = Hundredths.parse(version.text("entitlementWeeks"));
        entitlementPregnancy = Hundredths.parse(version.text("entitlementWeeksPregnancy"));
        noticeDays = version.count("noticeDays");
        emergencyNoticeDays = version.count("emergencyNoticeDays");
        lateNotice = version.percent("lateNoticePercent");
        national = version.percent("nationalPercent");
        regional = version.percent("regionalPercent");
        dueDays = version.count("dueDays");
    }

    static PaidLeavePolicy of(PolicyVersion version) {
        return version.view(PaidLeavePolicy.class, PaidLeavePolicy::new);
    }
}
