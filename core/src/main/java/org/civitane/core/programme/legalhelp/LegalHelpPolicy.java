package org.civitane.core.programme.legalhelp;

import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class LegalHelpPolicy {
    static final String TABLE = "legal-help";

    final int urgentDays;
    final Percent limit;
    final Percent upperLimit;
    final Money assetLimit;
    final int callDays;
    final int dueDays;

    private LegalHelpPolicy(PolicyVersion version) {
        urgentDays = version.count("urgentDays");
        limit = version.percent("limitPercent");
        upperLimit = version.percent("upperLimitPercent");
        assetLimit = version.money("assetLimit");
        callDays = version.count("callDays");
        dueDays = version.count("dueDays");
    }

    static LegalHelpPolicy of(PolicyVersion version) {
        return version.view(LegalHelpPolicy.class, LegalHelpPolicy::new);
    }
}
