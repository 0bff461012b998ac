package org.civitane.core.programme.disabilityallowance;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Member;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.policy.SubsistenceLine;
import org.civitane.core.programme.CountedIncome;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Limit;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.disabilityallowance.DisabilityAllowanceCase.Certificate;
import org.civitane.core.programme.disabilityallowance.DisabilityAllowanceCase.Current;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter for one case file: what is missing, from when, whether, how much and until when. */
final class DisabilityAllowanceRules {
    private static final Rule INCOMPLETE = new Rule(DisabilityAllowance.ID, "Incomplete");
    private static final Rule DATES = new Rule(DisabilityAllowance.ID, "Dates");
    private static final Rule INCOME = new Rule(DisabilityAllowance.ID, "Income");
    private static final Rule DECIDED = new Rule(DisabilityAllowance.ID, "Decided");
    private static final long ALL = 10_000;
    private static final int MONTHS = 12;

    private final DisabilityAllowanceCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion lineVersion;
    private final PolicyVersion version;
    private final DisabilityAllowancePolicy policy;

    private enum Result {
        APPROVED,
        DENIED,
        PENDING
    }

    private enum Basis {
        APPLICATION,
        AGE,
        EARLY,
        WORKING,
        RESIDENCE,
        INCOME,
        CERTIFICATE,
        PERCENT
    }

    DisabilityAllowanceRules(DisabilityAllowanceCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.lineVersion = book.inForce(SubsistenceLine.TABLE, receivedOn);
        this.version = book.inForce(DisabilityAllowancePolicy.TABLE, receivedOn);
        this.policy = DisabilityAllowancePolicy.of(version);
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        List<String> missing = Missing.of(file, policy).told(why, INCOMPLETE);
        if (!missing.isEmpty()) {
            return result(Status.INCOMPLETE, outcome(Result.PENDING, Basis.APPLICATION), Figures.NONE, missing);
        }
        Dates dates = dates();
        Money income = income();
        Money limit = limit();
        Figures figures = dates.after(Figures.builder(3)
                .add("householdSize", file.members().size())
                .add("monthlyIncome", income)
                .add("incomeLimit", limit)
                .build());
        Optional<Outcome> refused = refused(dates, income, limit);
        if (refused.isPresent()) {
            return result(Status.DETERMINED, refused.get(), figures, missing);
        }
        Optional<String> waits = waitsFor(dates);
        return waits.isPresent()
                ? result(Status.HOLD, outcome(Result.PENDING, Basis.CERTIFICATE), figures, List.of(waits.get()))
                : result(Status.DETERMINED, byPercent(dates), figures, missing);
    }

    /** From when it is awarded, and until when the certificate holds, where it ends. */
    private record Dates(LocalDate from, Optional<LocalDate> certificateEnds) {
        Figures after(Figures figures) {
            Figures all = figures.with("from", Value.of(from));
            return certificateEnds.isPresent() ? all.with("certificateEnds", Value.of(certificateEnds.get())) : all;
        }
    }

    private Dates dates() {
        LocalDate latest =
                file.current().map(Current::to).filter(receivedOn::isBefore).orElse(receivedOn);
        LocalDate from = why.day("from", firstOfNextMonth(latest), DATES, s -> s.input("latest", Value.of(latest)));
        Optional<LocalDate> ends = file.certificate()
                .filter(certificate -> !certificate.permanent())
                .map(this::endOf);
        return new Dates(from, ends);
    }

    private LocalDate endOf(Certificate certificate) {
        LocalDate longest = certificate.issuedOn().plusYears(policy.certificateYears);
        LocalDate ends = certificate.validTo().filter(longest::isAfter).orElse(longest);
        return why.day(
                "certificateEnds",
                ends,
                DATES,
                s -> s.input("issuedOn", Value.of(certificate.issuedOn()))
                        .input("years", policy.certificateYears)
                        .fact("certificate", "validTo")
                        .table(version));
    }

    private static LocalDate firstOfNextMonth(LocalDate day) {
        return day.withDayOfMonth(1).plusMonths(1);
    }

    private Money income() {
        Money annual = CountedIncome.annual("annualIncome", file.incomes(), INCOME, why);
        return why.money("monthlyIncome", Frequency.monthly(annual), INCOME, s -> s.input("annual", annual));
    }

    private Money limit() {
        int size = why.count("householdSize", file.members().size(), INCOME, s -> s.fact("members"));
        Money line = SubsistenceLine.of(lineVersion).forSize(size);
        return why.money(
                "incomeLimit",
                line.share(policy.incomeLimit.hundredths(), ALL * MONTHS, Money.EURO, Rounding.UP),
                INCOME,
                s -> s.input("percent", policy.incomeLimit)
                        .input("line", line)
                        .input("householdSize", size)
                        .table(lineVersion)
                        .table(version));
    }

    /** What needs no certificate comes first, so that nobody is sent to an assessment in vain. */
    private Optional<Outcome> refused(Dates dates, Money income, Money limit) {
        int age = file.applicant().ageOn(dates.from());
        boolean ofAge = age >= Member.ADULT_FROM && age < policy.ageUnder;
        if (!why.holds(
                "ofAge",
                ofAge,
                DECIDED,
                s -> s.input("age", age)
                        .input("from", Value.of(dates.from()))
                        .input("under", policy.ageUnder)
                        .table(version))) {
            return Optional.of(denied(Basis.AGE));
        }
        Optional<LocalDate> opens =
                file.current().map(current -> firstOfNextMonth(current.to()).minusMonths(policy.renewalMonths));
        if (opens.filter(receivedOn::isBefore).isPresent()) {
            return Optional.of(early(opens.get()));
        }
        if (!why.holds("notWorking", !file.working().orElseThrow(), DECIDED, s -> s.fact("working"))) {
            return Optional.of(denied(Basis.WORKING));
        }
        LocalDate since = file.residentSince().orElseThrow();
        LocalDate latest = receivedOn.minusMonths(policy.residentMonths);
        if (!why.holds(
                "resident",
                !since.isAfter(latest),
                DECIDED,
                s -> s.input("since", Value.of(since))
                        .input("latest", Value.of(latest))
                        .fact("residentSince")
                        .table(version))) {
            return Optional.of(denied(Basis.RESIDENCE));
        }
        return Limit.within("withinIncome", income, limit, DECIDED, why)
                ? Optional.empty()
                : Optional.of(denied(Basis.INCOME));
    }

    private Outcome early(LocalDate opens) {
        why.step(
                "denied.EARLY",
                Value.of(Result.DENIED),
                DECIDED,
                s -> s.input("opens", Value.of(opens)).fact("current", "to").table(version));
        return Outcome.of(
                file.applicant().id(), Result.DENIED, Basis.EARLY, Figures.NONE.with("renewFrom", Value.of(opens)));
    }

    /** The code of what is waited for while no certificate covers a whole month; nothing when one does. */
    private Optional<String> waitsFor(Dates dates) {
        boolean runsOut = dates.certificateEnds()
                .filter(ends -> ends.isBefore(Award.endOfMonth(dates.from())))
                .isPresent();
        if (file.certificate().isPresent() && !runsOut) {
            return Optional.empty();
        }
        boolean booked = file.assessment()
                .filter(assessment -> !assessment.on().isBefore(file.day()))
                .isPresent();
        String code = booked ? "assessment" : runsOut ? "certificate-renewal" : "certificate";
        MissingCodes codes = new MissingCodes();
        codes.require(code, false);
        codes.told(why, DECIDED);
        return Optional.of(code);
    }

    private Outcome byPercent(Dates dates) {
        Certificate certificate = file.certificate().orElseThrow();
        if (!why.holds(
                "enough",
                certificate.percent() >= policy.leastPercent(),
                DECIDED,
                s -> s.input("percent", certificate.percent())
                        .input("least", policy.leastPercent())
                        .fact("certificate", "percent")
                        .table(version))) {
            return denied(Basis.PERCENT);
        }
        Award award = Award.of(file, certificate, dates.from(), dates.certificateEnds(), policy);
        why.step(
                "approved",
                Value.of(Result.APPROVED),
                DECIDED,
                s -> s.input("monthly", award.monthly())
                        .input("from", Value.of(award.from()))
                        .input("to", Value.of(award.to()))
                        .table(version));
        return Outcome.of(file.applicant().id(), Result.APPROVED, Basis.PERCENT, award.figures());
    }

    private Outcome denied(Basis basis) {
        why.step("denied." + basis, Value.of(Result.DENIED), DECIDED, s -> {});
        return outcome(Result.DENIED, basis);
    }

    private Outcome outcome(Result result, Basis basis) {
        return Outcome.of(file.applicant().id(), result, basis);
    }

    private Determination result(Status status, Outcome outcome, Figures figures, List<String> missing) {
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, INCOMPLETE, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                DisabilityAllowance.ID,
                receivedOn,
                List.of(lineVersion, version),
                status,
                List.of(outcome),
                figures,
                missing,
                dueBy,
                why.steps());
    }
}
