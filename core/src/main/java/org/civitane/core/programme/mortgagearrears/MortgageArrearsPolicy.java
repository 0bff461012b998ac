package org.civitane.core.programme.mortgagearrears;

import java.time.LocalDate;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class MortgageArrearsPolicy {
    static final String TABLE = "mortgage-arrears";

    final LocalDate hardshipFrom;
    final int leastMissed;
    final int firstPostCode;
    final int lastPostCode;
    final Percent incomeLimit;
    final Money assetLimit;
    final Money mostTotal;
    final int dueDays;

    private MortgageArrearsPolicy(PolicyVersion version) {
        hardshipFrom = LocalDate.parse(version.text("hardshipFrom"));
        leastMissed = version.count("leastMissed");
        firstPostCode = version.count("firstPostCode");
        lastPostCode = version.count("lastPostCode");
        incomeLimit = version.percent("incomeLimitPercent");
        assetLimit = version.money("assetLimit");
        mostTotal = version.money("mostTotal");
        dueDays = version.count("dueDays");
    }

    static MortgageArrearsPolicy of(PolicyVersion version) {
        return version.view(MortgageArrearsPolicy.class, MortgageArrearsPolicy::new);
    }
}
