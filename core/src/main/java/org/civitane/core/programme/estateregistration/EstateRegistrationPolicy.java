package org.civitane.core.programme.estateregistration;

import org.civitane.core.amount.Money;
import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class EstateRegistrationPolicy {
    static final String TABLE = "estate-registration";

    final int reportDays;
    final int bornWithinDays;
    final Money spouseFirst;
    final Money smallEstate;
    final int fewestWitnesses;
    final int willAge;
    final int dueDays;

    private EstateRegistrationPolicy(PolicyVersion version) {
        reportDays = version.count("reportDays");
        bornWithinDays = version.count("bornWithinDays");
        spouseFirst = version.money("spouseFirst");
        smallEstate = version.money("smallEstate");
        fewestWitnesses = version.count("fewestWitnesses");
        willAge = version.count("willAge");
        dueDays = version.count("dueDays");
    }

    static EstateRegistrationPolicy of(PolicyVersion version) {
        return version.view(EstateRegistrationPolicy.class, EstateRegistrationPolicy::new);
    }
}
