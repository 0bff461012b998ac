package org.civitane.core.programme.rentarrears;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.person.Iban;
import org.civitane.core.person.Names;
import org.civitane.core.policy.MedianIncome;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Limit;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Hardship;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Landlord;
import org.civitane.core.programme.rentarrears.RentArrearsCase.Lease;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: what is missing, what is worked out, what is decided. */
final class RentArrearsRules {
    private static final Rule DECIDED = new Rule(RentArrears.ID, "Decided");
    private static final Rule INCOMPLETE = new Rule(RentArrears.ID, "Incomplete");
    private static final String SUBJECT = "household";

    private final RentArrearsCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion medianVersion;
    private final PolicyVersion version;
    private final RentArrearsPolicy policy;

    private enum Result {
        APPROVED,
        DENIED,
        PENDING
    }

    private enum Basis {
        OUTSIDE,
        HARDSHIP,
        INCOME,
        ASSETS,
        NOT_TENANT,
        NOTHING_OWED
    }

    /** To whom the money goes. */
    enum Payee {
        LANDLORD,
        TENANT
    }

    RentArrearsRules(RentArrearsCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.medianVersion = book.inForce(MedianIncome.TABLE, receivedOn);
        this.version = book.inForce(RentArrearsPolicy.TABLE, receivedOn);
        this.policy = RentArrearsPolicy.of(version);
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        List<String> missing = missing();
        if (!missing.isEmpty()) {
            Outcome pending = Outcome.of(SUBJECT, Result.PENDING, Basis.INCOME);
            return result(Status.INCOMPLETE, pending, Figures.NONE, missing);
        }
        Means means = Means.of(file, receivedOn, medianVersion, version, why);
        Optional<Basis> refusal = refusal(means);
        if (refusal.isPresent()) {
            return result(Status.DETERMINED, denied(refusal.get()), means.figures(), missing);
        }
        List<PaidMonths.Paid> months = PaidMonths.of(file, YearMonth.from(receivedOn), version, why);
        if (months.isEmpty()) {
            return result(Status.DETERMINED, denied(Basis.NOTHING_OWED), means.figures(), missing);
        }
        Optional<Payee> payee = payee(file.landlord().orElseThrow());
        return payee.isPresent()
                ? result(Status.DETERMINED, approved(months, payee), means.figures(), missing)
                : result(Status.HOLD, approved(months, payee), means.figures(), List.of("landlord"));
    }

    private List<String> missing() {
        MissingCodes missing = new MissingCodes();
        for (Tenant member : file.members()) {
            if (member.isAdultOn(receivedOn)) {
                missing.require("income", member.id(), file.statesIncomeOf(member.id()));
                missing.add(member.onLease() ? Signatures.missingOf(file, member) : Optional.empty());
            }
        }
        missing.requireGiven("resources", file.resources());
        missing.requireGiven("hardship", file.hardship());
        missing.requireGiven("home", file.home());
        missing.requireGiven("lease", file.lease());
        missing.requireGiven("landlord", file.landlord());
        missing.require(
                "arrears", file.arrears().isPresent() || file.monthsAhead().isPresent());
        boolean toBeExplained = file.hardship()
                .filter(hardship -> hardship.reason() == Hardship.Reason.OTHER)
                .isPresent();
        missing.require("explanation", !toBeExplained || file.explanation().isPresent());
        file.lease().ifPresent(lease -> requireKnownNames(lease, missing));
        return missing.told(why, INCOMPLETE);
    }

    private void requireKnownNames(Lease lease, MissingCodes missing) {
        for (int i = 0; i < lease.names().size(); i++) {
            String name = lease.names().get(i);
            boolean known = file.members().stream()
                    .map(member -> Names.compare(name, member.name().full()))
                    .anyMatch(verdict -> verdict == Names.Verdict.MATCH || verdict == Names.Verdict.NEAR);
            missing.require("lease-name:" + (i + 1), known);
        }
    }

    private Optional<Basis> refusal(Means means) {
        String postCode = file.home().orElseThrow().postCode();
        if (!why.holds(
                "inside",
                policy.isInside(postCode),
                DECIDED,
                s -> s.input("postCode", postCode).fact("home", "postCode"))) {
            return Optional.of(Basis.OUTSIDE);
        }
        LocalDate since = file.hardship().orElseThrow().since();
        LocalDate earliest = policy.earliestHardship(receivedOn);
        if (!why.holds(
                "hardshipRecent",
                !since.isBefore(earliest),
                DECIDED,
                s -> s.input("since", Value.of(since))
                        .input("earliest", Value.of(earliest))
                        .fact("hardship", "since")
                        .table(version))) {
            return Optional.of(Basis.HARDSHIP);
        }
        if (!Limit.within("withinIncome", means.adjustedAnnual(), means.incomeLimit(), DECIDED, why)) {
            return Optional.of(Basis.INCOME);
        }
        if (!Limit.within("withinAssets", means.assets(), means.assetLimit(), DECIDED, why)) {
            return Optional.of(Basis.ASSETS);
        }
        boolean tenant = why.holds("tenant", file.isApplicantInLease(), DECIDED, s -> s.fact("lease", "names"));
        return tenant ? Optional.empty() : Optional.of(Basis.NOT_TENANT);
    }

    /** Empty while the landlord has been asked and may still answer. */
    private Optional<Payee> payee(Landlord landlord) {
        Optional<Payee> payee = switch (landlord.takesPart()) {
            case YES -> Optional.of(Payee.LANDLORD);
            case NO -> Optional.of(Payee.TENANT);
            case PENDING -> landlord.askedOn().filter(this::hasPassedSince).map(asked -> Payee.TENANT);
        };
        why.step(
                "payee." + landlord.takesPart(),
                payee.map(Value::of).orElse(new Value.Nothing()),
                DECIDED,
                s -> s.input("landlord", landlord.name())
                        .input("days", policy.landlordDays)
                        .fact("landlord", "takesPart")
                        .table(version));
        if (payee.equals(Optional.of(Payee.LANDLORD))) {
            landlord.iban()
                    .ifPresent(iban -> why.holds(
                            "account",
                            Iban.isValid(iban),
                            DECIDED,
                            s -> s.input("iban", Iban.shown(iban))
                                    .input("landlord", landlord.name())
                                    .fact("landlord", "iban")));
        }
        return payee;
    }

    private boolean hasPassedSince(LocalDate asked) {
        LocalDate today = file.decidedOn().orElse(receivedOn);
        return today.isAfter(BusinessCalendar.plusBusinessDays(asked, policy.landlordDays));
    }

    private Outcome approved(List<PaidMonths.Paid> months, Optional<Payee> payee) {
        Money total = months.stream().map(PaidMonths.Paid::amount).reduce(Money.ZERO, Money::plus);
        Figures more = Figures.builder(3)
                .add("total", total)
                .add(
                        "months",
                        new Value.Row(
                                months.stream().map(PaidMonths.Paid::toValue).toList()))
                .add("payee", payee.map(Value::of).orElse(new Value.Nothing()))
                .build();
        why.step(
                "approved",
                Value.of(Result.APPROVED),
                DECIDED,
                s -> s.input("total", total).input("months", months.size()));
        return Outcome.of(SUBJECT, Result.APPROVED, Basis.INCOME, more);
    }

    private Outcome denied(Basis basis) {
        why.step("denied." + basis, Value.of(Result.DENIED), DECIDED, s -> {});
        return Outcome.of(SUBJECT, Result.DENIED, basis);
    }

    private Determination result(Status status, Outcome outcome, Figures figures, List<String> missing) {
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, INCOMPLETE, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                RentArrears.ID,
                receivedOn,
                List.of(medianVersion, version),
                status,
                List.of(outcome),
                figures,
                missing,
                dueBy,
                why.steps());
    }
}
