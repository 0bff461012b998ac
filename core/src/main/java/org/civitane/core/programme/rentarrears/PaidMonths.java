package org.civitane.core.programme.rentarrears;

import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.civitane.core.amount.Money;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Home;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Owed;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** Which months are paid, and how much of each. */
final class PaidMonths {
    private static final Rule RULE = new Rule(RentArrears.ID, "Months");

    /** Whether a month is owed or lies ahead. */
    enum Kind {
        ARREARS,
        AHEAD
    }

    /**
     * One month.
     *
     * @param due what is owed, or the rent
     */
    record Candidate(YearMonth month, Kind kind, Money due) {}

    /** What is paid for it, above 0. */
    record Paid(YearMonth month, Kind kind, Money amount) {
        Value toValue() {
            return new Value.Fields(Figures.builder(3)
                    .add("month", Value.of(month))
                    .add("kind", kind)
                    .add("amount", amount)
                    .build());
        }
    }

    private PaidMonths() {}

    static List<Paid> of(RentArrearsCase file, YearMonth received, PolicyVersion version, Reasoning why) {
        RentArrearsPolicy policy = RentArrearsPolicy.of(version);
        Home home = file.home().orElseThrow();
        Money cap = why.money(
                "monthlyCap",
                policy.monthlyCap(home.bedrooms()),
                RULE,
                s -> s.input("bedrooms", home.bedrooms()).table(version));
        List<Candidate> candidates = arrears(file, received, policy);
        candidates.addAll(ahead(file, received, home.rent()));
        List<Paid> paid = new ArrayList<>();
        Money left = policy.mostTotal;
        for (Candidate candidate : candidates.subList(0, Math.min(candidates.size(), policy.mostMonths))) {
            Money wanted = candidate.due().limitedTo(cap);
            Money amount =
                    home.tenantShare().map(wanted::limitedTo).orElse(wanted).limitedTo(left);
            if (amount.isPositive()) {
                Money before = left;
                why.money(
                        "month." + candidate.kind(),
                        amount,
                        RULE,
                        s -> s.input("month", Value.of(candidate.month()))
                                .input("due", candidate.due())
                                .input("cap", cap)
                                .input("left", before)
                                .fact(
                                        candidate.kind() == Kind.ARREARS
                                                ? new String[] {
                                                    "arrears", candidate.month().toString(), "owed"
                                                }
                                                : new String[] {"monthsAhead"}));
                paid.add(new Paid(candidate.month(), candidate.kind(), amount));
                left = left.minus(amount);
            }
        }
        return paid;
    }

    /** Months owed within the time that counts, oldest first. */
    private static List<Candidate> arrears(RentArrearsCase file, YearMonth received, RentArrearsPolicy policy) {
        YearMonth first = received.minusMonths(policy.arrearsMonths);
        List<Candidate> candidates = new ArrayList<>();
        file.arrears().orElse(List.of()).stream()
                .filter(owed -> !owed.month().isBefore(first) && owed.month().isBefore(received))
                .filter(owed -> owed.owed().isPositive() && !file.alreadyAided().contains(owed.month()))
                .sorted(Comparator.comparing(Owed::month))
                .forEach(owed -> candidates.add(new Candidate(owed.month(), Kind.ARREARS, owed.owed())));
        return candidates;
    }

    private static List<Candidate> ahead(RentArrearsCase file, YearMonth received, Money rent) {
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < file.monthsAhead().orElse(0); i++) {
            YearMonth month = received.plusMonths(i);
            if (!file.alreadyAided().contains(month)) {
                candidates.add(new Candidate(month, Kind.AHEAD, rent));
            }
        }
        return candidates;
    }
}
