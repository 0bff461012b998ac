package org.civitane.core.programme.namechange;

import org.civitane.core.amount.Money;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.namechange.NameChangeCase.Ground;

/** The figures of the chapter in one version of its policy table. */
final class NameChangePolicy {
    static final String TABLE = "name-change";

    final int childSignsFrom;
    final int recentMonths;
    final int rareUpTo;
    final int consentDays;
    final int noticeDays;
    final int dueDays;
    private final Money preferenceFee;
    private final Money fee;

    private NameChangePolicy(PolicyVersion version) {
        childSignsFrom = version.count("childSignsFrom");
        recentMonths = version.count("recentMonths");
        rareUpTo = version.count("rareUpTo");
        consentDays = version.count("consentDays");
        noticeDays = version.count("noticeDays");
        dueDays = version.count("dueDays");
        preferenceFee = version.money("preferenceFee");
        fee = version.money("fee");
    }

    static NameChangePolicy of(PolicyVersion version) {
        return version.view(NameChangePolicy.class, NameChangePolicy::new);
    }

    /** What it costs; nothing where the office corrects its own mistake. */
    Money fee(Ground ground, boolean officeError) {
        return switch (ground) {
            case PREFERENCE -> preferenceFee;
            case CORRECTION -> officeError ? Money.ZERO : fee;
            case MARRIAGE, DIVORCE, GENDER, ADOPTION -> fee;
        };
    }
}
