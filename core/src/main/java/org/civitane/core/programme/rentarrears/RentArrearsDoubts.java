package org.civitane.core.programme.rentarrears;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Doubt;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Value;

/** What in an application for rent arrears relief was hardly meant, or refuses it. */
final class RentArrearsDoubts {
    private final RentArrearsCase file;
    private final PolicyVersion version;
    private final RentArrearsPolicy policy;

    RentArrearsDoubts(RentArrearsCase file, PolicyBook book) {
        this.file = file;
        this.version = book.inForce(RentArrearsPolicy.TABLE, file.receivedOn());
        this.policy = RentArrearsPolicy.of(version);
    }

    List<Doubt> all() {
        List<Doubt> doubts = new ArrayList<>();
        file.hardship()
                .map(RentArrearsCase.Hardship::since)
                .filter(this::isTooLongAgo)
                .ifPresent(since -> doubts.add(new Doubt(
                        "hardship",
                        FactPath.of("hardship", "since"),
                        Map.of("since", Value.of(since), "months", Value.of(policy.hardshipMonths)))));
        file.home().ifPresent(home -> {
            if (!policy.isInside(home.postCode())) {
                doubts.add(Doubt.of("outside", "home/postCode"));
            }
            if (home.tenantShare().filter(share -> share.over(home.rent())).isPresent()) {
                doubts.add(Doubt.of("share", "home/tenantShare"));
            }
        });
        if (file.lease().isPresent() && !file.isApplicantInLease()) {
            doubts.add(Doubt.of("tenant", "lease/names"));
        }
        if (paysNothing()) {
            doubts.add(new Doubt("months", new FactPath("arrears"), Map.of("months", Value.of(policy.arrearsMonths))));
        }
        return doubts;
    }

    private boolean isTooLongAgo(LocalDate since) {
        return since.isBefore(policy.earliestHardship(file.receivedOn()));
    }

    /** Asked only once the home is told, since what is paid for a month goes by it. */
    private boolean paysNothing() {
        boolean told = file.home().isPresent() && file.arrears().isPresent();
        return told
                && PaidMonths.of(file, YearMonth.from(file.receivedOn()), version, Reasoning.silent())
                        .isEmpty();
    }
}
