package org.civitane.core.programme.supportintake;

import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class SupportIntakePolicy {
    static final String TABLE = "support-intake";

    final int firstTermYear;
    final int lastTermYear;
    final int earliestDays;
    final int dueDays;

    private SupportIntakePolicy(PolicyVersion version) {
        firstTermYear = version.count("firstTermYear");
        lastTermYear = version.count("lastTermYear");
        earliestDays = version.count("earliestDays");
        dueDays = version.count("dueDays");
    }

    static SupportIntakePolicy of(PolicyVersion version) {
        return version.view(SupportIntakePolicy.class, SupportIntakePolicy::new);
    }
}
