package org.civitane.core.programme.mortgagearrears;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.PostCodes;
import org.civitane.core.programme.mortgagearrears.MortgageArrearsCase.Hardship;
import org.civitane.core.programme.mortgagearrears.MortgageArrearsCase.Home;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The six points that are looked at before anything else (chapter, Pre-check). */
final class PreCheck {
    private static final Rule RULE = new Rule(MortgageArrears.ID, "Pre-check");

    /** A point, in the order in which they are looked at. */
    enum Point {
        HARDSHIP,
        MISSED,
        PRIMARY,
        OTHER_HOMES,
        COMPANY,
        OUTSIDE
    }

    private final Reasoning why;
    private final PolicyVersion version;
    private final MortgageArrearsPolicy policy;
    private final List<Point> failed = new ArrayList<>();

    private PreCheck(PolicyVersion version, Reasoning why) {
        this.why = why;
        this.version = version;
        this.policy = MortgageArrearsPolicy.of(version);
    }

    /** The points that fail, in their order; none fails while what it rests on is absent. */
    static List<Point> failedOf(MortgageArrearsCase file, LocalDate receivedOn, PolicyVersion version, Reasoning why) {
        PreCheck check = new PreCheck(version, why);
        file.hardship().ifPresent(hardship -> check.hardship(hardship, receivedOn));
        check.missed(file.missed());
        file.home().ifPresent(check::home);
        return List.copyOf(check.failed);
    }

    private void hardship(Hardship hardship, LocalDate receivedOn) {
        LocalDate since = hardship.since();
        boolean recent = !since.isBefore(policy.hardshipFrom) && !since.isAfter(receivedOn);
        look(
                Point.HARDSHIP,
                why.holds(
                        "point.HARDSHIP",
                        recent,
                        RULE,
                        s -> s.input("since", Value.of(since))
                                .input("from", Value.of(policy.hardshipFrom))
                                .fact("hardship", "since")
                                .table(version)));
    }

    private void missed(Optional<Integer> missed) {
        if (missed.isPresent()) {
            int months = missed.get();
            look(
                    Point.MISSED,
                    why.holds(
                            "point.MISSED",
                            months >= policy.leastMissed,
                            RULE,
                            s -> s.input("missed", months)
                                    .input("least", policy.leastMissed)
                                    .fact("missed")
                                    .table(version)));
        }
    }

    private void home(Home home) {
        look(Point.PRIMARY, why.holds("point.PRIMARY", home.primary(), RULE, s -> s.fact("home", "primary")));
        look(
                Point.OTHER_HOMES,
                why.holds(
                        "point.OTHER_HOMES",
                        home.otherHomes() == 0,
                        RULE,
                        s -> s.input("otherHomes", home.otherHomes()).fact("home", "otherHomes")));
        look(
                Point.COMPANY,
                why.holds(
                        "point.COMPANY", home.ownedBy() != Home.OwnedBy.COMPANY, RULE, s -> s.fact("home", "ownedBy")));
        look(
                Point.OUTSIDE,
                why.holds(
                        "point.OUTSIDE",
                        PostCodes.isWithin(home.postCode(), policy.firstPostCode, policy.lastPostCode),
                        RULE,
                        s -> s.input("postCode", home.postCode())
                                .fact("home", "postCode")
                                .table(version)));
    }

    private void look(Point point, boolean passed) {
        if (!passed) {
            failed.add(point);
        }
    }
}
