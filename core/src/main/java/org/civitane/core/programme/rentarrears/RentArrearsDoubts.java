package org.civitane.core.programme.rentarrears;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.civitane.core.casefile.Person;
import org.civitane.core.person.Names;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Doubt;
import org.civitane.core.programme.PostCodes;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Lease;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Value;

/** What in an application for rent arrears relief was hardly meant, or refuses it. */
final class RentArrearsDoubts {
    private final RentArrearsCase file;
    private final RentArrearsPolicy policy;

    RentArrearsDoubts(RentArrearsCase file, PolicyBook book) {
        this.file = file;
        this.policy = RentArrearsPolicy.of(book.inForce(RentArrearsPolicy.TABLE, file.receivedOn()));
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
            if (!PostCodes.isWithin(home.postCode(), policy.firstPostCode, policy.lastPostCode)) {
                doubts.add(Doubt.of("outside", "home/postCode"));
            }
            if (home.tenantShare().filter(share -> share.over(home.rent())).isPresent()) {
                doubts.add(Doubt.of("share", "home/tenantShare"));
            }
        });
        file.lease()
                .filter(lease -> !namesApplicant(lease))
                .ifPresent(lease -> doubts.add(Doubt.of("tenant", "lease/names")));
        if (file.arrears().isPresent() && file.monthsAhead().orElse(0) == 0 && !owesAnyMonth()) {
            doubts.add(new Doubt("months", new FactPath("arrears"), Map.of("months", Value.of(policy.arrearsMonths))));
        }
        return doubts;
    }

    private boolean isTooLongAgo(LocalDate since) {
        return since.isBefore(file.receivedOn().minusMonths(policy.hardshipMonths));
    }

    private boolean namesApplicant(Lease lease) {
        String applicant = Person.applicantOf(file.members()).name().full();
        return lease.names().stream().anyMatch(name -> Names.compare(name, applicant) == Names.Verdict.MATCH);
    }

    private boolean owesAnyMonth() {
        YearMonth received = YearMonth.from(file.receivedOn());
        YearMonth first = received.minusMonths(policy.arrearsMonths);
        return file.arrears().orElse(List.of()).stream()
                .filter(owed -> owed.owed().isPositive() && !file.alreadyAided().contains(owed.month()))
                .anyMatch(owed -> !owed.month().isBefore(first) && owed.month().isBefore(received));
    }
}
