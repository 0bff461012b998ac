package org.civitane.core.programme.paidleave;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.Signatures;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Notice;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Pattern;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/** The rules of the chapter, in its order, for one case file. */
final class PaidLeaveRules {
    private static final Rule HOURS = new Rule(PaidLeave.ID, "Hours away");
    private static final Rule PAYMENTS = new Rule(PaidLeave.ID, "Payments");
    private static final Rule DECIDED = new Rule(PaidLeave.ID, "Decided");
    private static final Rule INCOMPLETE = new Rule(PaidLeave.ID, "Incomplete");

    private final PaidLeaveCase file;
    private final Reasoning why;
    private final LocalDate receivedOn;
    private final PolicyVersion version;
    private final PaidLeavePolicy policy;

    private enum Result {
        APPROVED,
        PART_APPROVED,
        DENIED,
        PENDING
    }

    private enum Basis {
        WAGES,
        EXHAUSTED,
        NO_ABSENCE,
        ENTITLEMENT
    }

    PaidLeaveRules(PaidLeaveCase file, PolicyBook book, Reasoning why) {
        this.file = file;
        this.why = why;
        this.receivedOn = file.receivedOn();
        this.version = book.inForce(PaidLeavePolicy.TABLE, receivedOn);
        this.policy = PaidLeavePolicy.of(version);
    }

    Determination determine() {
        why.day("receivedOn", receivedOn, new Rule("common", "0.3"), s -> s.fact("receivedAt"));
        List<String> missing = missing();
        if (!missing.isEmpty()) {
            Outcome pending = Outcome.of(subject(), Result.PENDING, Basis.WAGES);
            return result(Status.INCOMPLETE, pending, Figures.NONE, missing);
        }
        LocalDate start = file.start().orElseThrow();
        Wages wages = Wages.of(file.quarterWages().orElseThrow(), start, version, why);
        LeaveYear year = LeaveYear.of(file, start, version, why);
        HoursAway away = new HoursAway(file, firstDay(start), file.end().orElseThrow());
        long hours = away.total();
        Hundredths requested = away.inWeeks(hours);
        why.step(
                "requested",
                Weeks.of(requested),
                HOURS,
                s -> s.input("from", Value.of(away.from()))
                        .input("to", Value.of(away.to()))
                        .input("hours", away.inHours(hours))
                        .input("weekHours", away.week()));
        Hundredths granted = requested.limitedTo(year.available());
        why.step(
                "granted",
                Weeks.of(granted),
                HOURS,
                s -> s.input("requested", Weeks.of(requested)).input("available", Weeks.of(year.available())));
        boolean late = isNoticeLate(start);
        Figures figures = Figures.builder(13)
                .add("baseQuarters", wages.names())
                .add("averageWeek", wages.averageWeek())
                .add("weeklyBenefit", wages.weeklyBenefit())
                .add("leaveYearFrom", year.from())
                .add("entitlement", Weeks.of(year.entitlement()))
                .add("used", Weeks.of(year.used()))
                .add("available", Weeks.of(year.available()))
                .add("weekHours", away.week())
                .add("from", away.from())
                .add("requested", Weeks.of(requested))
                .add("granted", Weeks.of(granted))
                .add("remaining", Weeks.of(year.available().lessDownToZero(granted)))
                .add("noticeLate", late)
                .build();
        Optional<Basis> refusal = refusal(wages, year, hours);
        Outcome outcome = refusal.map(this::denied).orElseGet(() -> {
            boolean part = granted.compareTo(requested) < 0;
            Payments payments = new Payments(file, away, wages, late, version);
            payments.spend(part ? away.inParts(granted) : hours, why);
            return granted(part, granted, away, payments);
        });
        return result(Status.DETERMINED, outcome, figures, List.of());
    }

    private List<String> missing() {
        MissingCodes missing = new MissingCodes();
        missing.requireGiven("reason", file.reason());
        missing.requireGiven("pattern", file.pattern());
        missing.requireGiven("start", file.start());
        missing.requireGiven("end", file.end());
        missing.requireGiven("quarterWages", file.quarterWages());
        missing.require("schedule", HoursAway.weekHundredths(file.schedule()) > 0);
        missing.require(
                "reducedHoursPerWeek",
                !isPattern(Pattern.REDUCED) || file.reducedHoursPerWeek().isPresent());
        missing.require(
                "absences", !isPattern(Pattern.INTERMITTENT) || file.absences().isPresent());
        boolean endsBefore = file.start()
                .flatMap(start -> file.end().filter(end -> end.isBefore(start)))
                .isPresent();
        missing.require("end", !endsBefore);
        missing.add(Signatures.missingOf(file, file.worker()));
        return missing.told(why, INCOMPLETE);
    }

    private boolean isPattern(Pattern pattern) {
        return file.pattern().equals(Optional.of(pattern));
    }

    private LocalDate firstDay(LocalDate start) {
        return file.benefitsBegin().filter(begin -> begin.isAfter(start)).orElse(start);
    }

    private boolean isNoticeLate(LocalDate start) {
        if (file.notice().isEmpty()) {
            return why.holds("noticeMissing", true, PAYMENTS, s -> s.fact("notice"));
        }
        Notice notice = file.notice().get();
        LocalDate latest =
                notice.emergency() ? start.plusDays(policy.emergencyNoticeDays) : start.minusDays(policy.noticeDays);
        return why.holds(
                notice.emergency() ? "noticeLateEmergency" : "noticeLate",
                notice.on().isAfter(latest),
                PAYMENTS,
                s -> s.input("on", Value.of(notice.on()))
                        .input("latest", Value.of(latest))
                        .fact("notice", "on")
                        .table(version));
    }

    private Optional<Basis> refusal(Wages wages, LeaveYear year, long hours) {
        if (!wages.suffice()) {
            return Optional.of(Basis.WAGES);
        }
        if (year.available().equals(Hundredths.ZERO)) {
            return Optional.of(Basis.EXHAUSTED);
        }
        return hours == 0 ? Optional.of(Basis.NO_ABSENCE) : Optional.empty();
    }

    private Outcome denied(Basis basis) {
        why.step("denied." + basis, Value.of(Result.DENIED), DECIDED, s -> {});
        return Outcome.of(subject(), Result.DENIED, basis);
    }

    private Outcome granted(boolean part, Hundredths granted, HoursAway away, Payments payments) {
        Result result = part ? Result.PART_APPROVED : Result.APPROVED;
        Figures more = Figures.builder(5)
                .add("granted", Weeks.of(granted))
                .add("from", away.from())
                .add("to", payments.lastPaidDay())
                .add("total", payments.total())
                .add(
                        "payments",
                        new Value.Row(payments.weeks().stream()
                                .map(WeekPayment::toValue)
                                .toList()))
                .build();
        why.step(
                "granted." + result,
                Value.of(result),
                DECIDED,
                s -> s.input("weeks", Weeks.of(granted)).input("total", payments.total()));
        return Outcome.of(subject(), result, part ? Basis.ENTITLEMENT : Basis.WAGES, more);
    }

    private String subject() {
        return file.worker().id();
    }

    private Determination result(Status status, Outcome outcome, Figures figures, List<String> missing) {
        LocalDate dueBy = BusinessCalendar.plusBusinessDays(receivedOn, policy.dueDays);
        why.day("dueBy", dueBy, INCOMPLETE, s -> s.input("days", policy.dueDays).table(version));
        return new Determination(
                PaidLeave.ID,
                receivedOn,
                List.of(version),
                status,
                List.of(outcome),
                figures,
                missing,
                dueBy,
                why.steps());
    }
}
