package org.civitane.core.programme.disabilityallowance;

import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class DisabilityAllowancePolicy {
    static final String TABLE = "disability-allowance";

    final int ageUnder;
    final int certificateYears;
    final int renewalMonths;
    final int residentMonths;
    final Percent incomeLimit;
    final Money severalKinds;
    final Image photo;
    final Image mark;
    final int dueDays;
    private final List<Integer> percentFrom;
    private final List<Money> monthly;

    /** Between which limits an image lies; at a limit is within it. */
    record Image(int leastBytes, int mostBytes, int leastWidth, int leastHeight) {
        private static Image of(PolicyVersion version, String name) {
            return new Image(
                    version.count(name + "LeastBytes"),
                    version.count(name + "MostBytes"),
                    version.count(name + "LeastWidth"),
                    version.count(name + "LeastHeight"));
        }

        boolean holds(int widthPx, int heightPx, long bytes) {
            return bytes >= leastBytes && bytes <= mostBytes && widthPx >= leastWidth && heightPx >= leastHeight;
        }
    }

    private DisabilityAllowancePolicy(PolicyVersion version) {
        ageUnder = version.count("ageUnder");
        certificateYears = version.count("certificateYears");
        renewalMonths = version.count("renewalMonths");
        residentMonths = version.count("residentMonths");
        incomeLimit = version.percent("incomeLimitPercent");
        percentFrom = version.counts("percentFrom");
        monthly = version.row("monthly");
        severalKinds = version.money("severalKinds");
        photo = Image.of(version, "photo");
        mark = Image.of(version, "mark");
        dueDays = version.count("dueDays");
    }

    static DisabilityAllowancePolicy of(PolicyVersion version) {
        return version.view(DisabilityAllowancePolicy.class, DisabilityAllowancePolicy::new);
    }

    int leastPercent() {
        return percentFrom.getFirst();
    }

    /** What a percentage of at least the least gives a month. */
    Money monthly(int percent) {
        int step = 0;
        while (step + 1 < percentFrom.size() && percent >= percentFrom.get(step + 1)) {
            step++;
        }
        return monthly.get(step);
    }
}
