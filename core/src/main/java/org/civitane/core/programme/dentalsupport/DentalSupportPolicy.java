package org.civitane.core.programme.dentalsupport;

import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class DentalSupportPolicy {
    static final String TABLE = "dental-support";

    final int claimMonths;
    final int ageUnder;
    final int mostAwards;
    final int payDays;
    final int chequeDays;
    final int dueDays;
    private final List<Money> tierUnder;
    private final List<Money> tierAmount;

    private DentalSupportPolicy(PolicyVersion version) {
        claimMonths = version.count("claimMonths");
        ageUnder = version.count("ageUnder");
        mostAwards = version.count("mostAwards");
        tierUnder = version.row("tierUnder");
        tierAmount = version.row("tierAmount");
        payDays = version.count("payDays");
        chequeDays = version.count("chequeDays");
        dueDays = version.count("dueDays");
    }

    static DentalSupportPolicy of(PolicyVersion version) {
        return version.view(DentalSupportPolicy.class, DentalSupportPolicy::new);
    }

    /** What an income below a limit gives a child; nothing from the last limit on. */
    Money tier(Money income) {
        for (int i = 0; i < tierUnder.size(); i++) {
            if (!tierUnder.get(i).within(income)) {
                return tierAmount.get(i);
            }
        }
        return Money.ZERO;
    }

    /** The income from which on there is nothing. */
    Money incomeLimit() {
        return tierUnder.getLast();
    }
}
