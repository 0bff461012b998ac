package org.civitane.core.programme.objection;

import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class ObjectionPolicy {
    static final String TABLE = "objection";

    final int portalDays;
    final int postDays;
    final int filingDays;
    final int answerDays;
    final int redecideDays;
    final int hearingDays;
    final int withdrawDays;
    final int dueDays;

    private ObjectionPolicy(PolicyVersion version) {
        portalDays = version.count("portalDays");
        postDays = version.count("postDays");
        filingDays = version.count("filingDays");
        answerDays = version.count("answerDays");
        redecideDays = version.count("redecideDays");
        hearingDays = version.count("hearingDays");
        withdrawDays = version.count("withdrawDays");
        dueDays = version.count("dueDays");
    }

    static ObjectionPolicy of(PolicyVersion version) {
        return version.view(ObjectionPolicy.class, ObjectionPolicy::new);
    }
}
