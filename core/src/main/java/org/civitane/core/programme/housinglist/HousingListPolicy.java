package org.civitane.core.programme.housinglist;

import org.civitane.core.policy.PolicyVersion;

/** The figures of the chapter in one version of its policy table. */
final class HousingListPolicy {
    static final String TABLE = "housing-list";

    final int shareUnder;
    final int expectedDays;
    final int homelessInRow;
    final int homelessEpisodes;
    final int homelessMonths;
    final int peoplePerBedroom;
    final int oldFrom;
    final int mostUnanswered;
    final int confirmMonths;
    final int dueDays;

    private HousingListPolicy(PolicyVersion version) {
        shareUnder = version.count("shareUnder");
        expectedDays = version.count("expectedDays");
        homelessInRow = version.count("homelessInRow");
        homelessEpisodes = version.count("homelessEpisodes");
        homelessMonths = version.count("homelessMonths");
        peoplePerBedroom = version.count("peoplePerBedroom");
        oldFrom = version.count("oldFrom");
        mostUnanswered = version.count("mostUnanswered");
        confirmMonths = version.count("confirmMonths");
        dueDays = version.count("dueDays");
    }

    static HousingListPolicy of(PolicyVersion version) {
        return version.view(HousingListPolicy.class, HousingListPolicy::new);
    }
}
