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

/** Which months are paid, and how much of each. Each month that was told of has a step, also one that is not paid. */
final class PaidMonths {
    private static final Rule RULE = new Rule(RentArrears.ID, "Months");

    /** Whether a month is owed or lies ahead. */
    enum Kind {
        ARREARS,
        AHEAD
    }

    /** Why nothing is paid for a month. */
    private enum Unpaid {
        TOO_LONG_AGO,
        NOT_OVER,
        AIDED,
        MOST_MONTHS,
        USED_UP,
        NO_SHARE
    }

    /**
     * One month.
     *
     * @param due what is owed, or the rent
     */
    private record Candidate(YearMonth month, Kind kind, Money due) {
        private String[] fact() {
            return kind == Kind.ARREARS
                    ? new String[] {"arrears", month.toString(), "owed"}
                    : new String[] {"monthsAhead"};
        }
    }

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

    private final RentArrearsCase file;
    private final YearMonth received;
    private final PolicyVersion version;
    private final RentArrearsPolicy policy;
    private final Reasoning why;

    private PaidMonths(RentArrearsCase file, YearMonth received, PolicyVersion version, Reasoning why) {
        this.file = file;
        this.received = received;
        this.version = version;
        this.policy = RentArrearsPolicy.of(version);
        this.why = why;
    }

    static List<Paid> of(RentArrearsCase file, YearMonth received, PolicyVersion version, Reasoning why) {
        return new PaidMonths(file, received, version, why).paid();
    }

    private List<Paid> paid() {
        Home home = file.home().orElseThrow();
        Money cap = why.money(
                "monthlyCap",
                policy.monthlyCap(home.bedrooms()),
                RULE,
                s -> s.input("bedrooms", home.bedrooms())
                        .input("rent", home.rent())
                        .fact("home")
                        .table(version));
        List<Candidate> candidates = arrears();
        candidates.addAll(ahead(home.rent()));
        List<Paid> paid = new ArrayList<>();
        Money left = policy.mostTotal;
        for (int i = 0; i < candidates.size(); i++) {
            Candidate candidate = candidates.get(i);
            Money wanted = candidate.due().limitedTo(cap);
            Money share = home.tenantShare().map(wanted::limitedTo).orElse(wanted);
            Money amount = share.limitedTo(left);
            if (i >= policy.mostMonths) {
                isNotPaid(candidate, Unpaid.MOST_MONTHS);
            } else if (amount.isPositive()) {
                isPaid(candidate, amount, cap, left);
                paid.add(new Paid(candidate.month(), candidate.kind(), amount));
                left = left.minus(amount);
            } else {
                isNotPaid(candidate, share.isPositive() ? Unpaid.USED_UP : Unpaid.NO_SHARE);
            }
        }
        return paid;
    }

    private void isPaid(Candidate candidate, Money amount, Money cap, Money left) {
        Value share = file.home().flatMap(Home::tenantShare).map(Value::of).orElse(new Value.Nothing());
        why.money(
                "month." + candidate.kind(),
                amount,
                RULE,
                s -> s.input("month", Value.of(candidate.month()))
                        .input("due", candidate.due())
                        .input("cap", cap)
                        .input("share", share)
                        .input("left", left)
                        .fact(candidate.fact()));
    }

    private void isNotPaid(Candidate candidate, Unpaid because) {
        if (candidate.due().isPositive()) {
            why.money(
                    "unpaid." + because,
                    candidate.due(),
                    RULE,
                    s -> s.input("month", Value.of(candidate.month()))
                            .input("before", policy.arrearsMonths)
                            .input("most", policy.mostMonths)
                            .input("total", policy.mostTotal)
                            .fact(candidate.fact())
                            .table(version));
        }
    }

    /** Months owed within the time that counts, oldest first. */
    private List<Candidate> arrears() {
        YearMonth first = received.minusMonths(policy.arrearsMonths);
        List<Candidate> candidates = new ArrayList<>();
        file.arrears().orElse(List.of()).stream()
                .filter(owed -> owed.owed().isPositive())
                .sorted(Comparator.comparing(Owed::month))
                .map(owed -> new Candidate(owed.month(), Kind.ARREARS, owed.owed()))
                .forEach(owed -> {
                    if (owed.month().isBefore(first)) {
                        isNotPaid(owed, Unpaid.TOO_LONG_AGO);
                    } else if (!owed.month().isBefore(received)) {
                        isNotPaid(owed, Unpaid.NOT_OVER);
                    } else {
                        addUnlessAided(owed, candidates);
                    }
                });
        return candidates;
    }

    private List<Candidate> ahead(Money rent) {
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < file.monthsAhead().orElse(0); i++) {
            addUnlessAided(new Candidate(received.plusMonths(i), Kind.AHEAD, rent), candidates);
        }
        return candidates;
    }

    private void addUnlessAided(Candidate candidate, List<Candidate> candidates) {
        if (file.alreadyAided().contains(candidate.month())) {
            isNotPaid(candidate, Unpaid.AIDED);
        } else {
            candidates.add(candidate);
        }
    }
}
