package org.civitane.core.programme.payerregistration;

import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class PayerRegistrationPolicy {
    static final String TABLE = "payer-registration";

    final int firstPostCode;
    final int lastPostCode;
    final int fewestNumbers;
    final int firstPermitYear;
    final int refereeDays;
    final int refereeAge;
    final int mostStoodFor;
    final int bringDays;
    final int dueDays;

    private PayerRegistrationPolicy(PolicyVersion version) {
        firstPostCode = version.count("firstPostCode");
        lastPostCode = version.count("lastPostCode");
        fewestNumbers = version.count("fewestNumbers");
        firstPermitYear = version.count("firstPermitYear");
        refereeDays = version.count("refereeDays");
        refereeAge = version.count("refereeAge");
        mostStoodFor = version.count("mostStoodFor");
        bringDays = version.count("bringDays");
        dueDays = version.count("dueDays");
    }

    static PayerRegistrationPolicy of(PolicyVersion version) {
        return version.view(PayerRegistrationPolicy.class, PayerRegistrationPolicy::new);
    }
}
