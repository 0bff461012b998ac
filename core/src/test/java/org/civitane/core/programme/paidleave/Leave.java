package org.civitane.core.programme.paidleave;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.Quarter;
import org.civitane.core.casefile.Person;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.casefile.Signature;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Determined;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Absence;
import org.civitane.core.programme.paidleave.PaidLeaveCase.CareProvider;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Employer;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Notice;
import org.civitane.core.programme.paidleave.PaidLeaveCase.OtherIncome;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Pattern;
import org.civitane.core.programme.paidleave.PaidLeaveCase.PriorLeave;
import org.civitane.core.programme.paidleave.PaidLeaveCase.QuarterWages;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Reason;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Withhold;

/** A leave in the making, for tests: two whole weeks of forty hours, told in time, unless told otherwise. */
final class Leave {
    LocalDateTime receivedAt = LocalDateTime.of(2026, 9, 14, 10, 0);
    Optional<Reason> reason = Optional.of(Reason.OWN_HEALTH);
    boolean pregnancy;
    Optional<Pattern> pattern = Optional.of(Pattern.CONTINUOUS);
    Optional<LocalDate> start = Optional.of(LocalDate.of(2026, 9, 21));
    Optional<LocalDate> end = Optional.of(LocalDate.of(2026, 10, 4));
    Optional<LocalDate> benefitsBegin = Optional.empty();
    Map<DayOfWeek, Hundredths> schedule = new EnumMap<>(DayOfWeek.class);
    Optional<Hundredths> reduced = Optional.empty();
    Optional<List<Absence>> absences = Optional.empty();
    Optional<List<QuarterWages>> wages = Optional.of(new ArrayList<>());
    Optional<Notice> notice = Optional.of(new Notice(LocalDate.of(2026, 8, 1), false));
    List<OtherIncome> others = new ArrayList<>();
    Optional<Withhold> withhold = Optional.empty();
    List<PriorLeave> prior = new ArrayList<>();
    Optional<Employer> employer = Optional.empty();
    Optional<CareProvider> careProvider = Optional.empty();
    List<Signature> signatures = new ArrayList<>();

    Leave() {
        for (DayOfWeek day : DayOfWeek.values()) {
            if (day.getValue() <= DayOfWeek.FRIDAY.getValue()) {
                schedule.put(day, Hundredths.parse("8"));
            }
        }
        earned("2026Q1", "6500.00").earned("2026Q2", "6500.00");
        signatures.add(new Signature("m1", "A m1", receivedAt));
    }

    Leave earned(String quarter, String amount) {
        wages.orElseThrow().add(new QuarterWages(Quarter.parse(quarter), Money.parse(amount)));
        return this;
    }

    Leave earnedOnly(String quarter, String amount) {
        wages = Optional.of(new ArrayList<>());
        return earned(quarter, amount);
    }

    Leave from(String day) {
        start = Optional.of(LocalDate.parse(day));
        return this;
    }

    Leave to(String day) {
        end = Optional.of(LocalDate.parse(day));
        return this;
    }

    Leave missed(String day, String hours) {
        pattern = Optional.of(Pattern.INTERMITTENT);
        List<Absence> more = new ArrayList<>(absences.orElse(List.of()));
        more.add(new Absence(LocalDate.parse(day), Hundredths.parse(hours)));
        absences = Optional.of(more);
        return this;
    }

    Leave reducedTo(String hours) {
        pattern = Optional.of(Pattern.REDUCED);
        reduced = Optional.of(Hundredths.parse(hours));
        return this;
    }

    Leave told(String day, boolean emergency) {
        notice = Optional.of(new Notice(LocalDate.parse(day), emergency));
        return this;
    }

    Leave gets(OtherIncome.Kind kind, String weekly, String from, String to) {
        others.add(new OtherIncome(kind, Money.parse(weekly), LocalDate.parse(from), LocalDate.parse(to)));
        return this;
    }

    Leave before(String from, String weeks, String status) {
        prior.add(new PriorLeave(LocalDate.parse(from), Hundredths.parse(weeks), status));
        return this;
    }

    PaidLeaveCase file() {
        Person worker = new Person("m1", "A", "m1", LocalDate.of(1988, 3, 2), Relationship.SELF);
        return new PaidLeaveCase(
                receivedAt,
                List.of(worker),
                List.of(),
                List.of(),
                reason,
                pregnancy,
                pattern,
                start,
                end,
                benefitsBegin,
                schedule,
                reduced,
                absences,
                wages,
                notice,
                others,
                withhold,
                prior,
                Optional.empty(),
                employer,
                careProvider,
                signatures);
    }

    Determination determined() {
        return Determined.silently(new PaidLeave(), file());
    }

    String figure(String name) {
        return Determined.figure(determined(), name);
    }

    String more(String name) {
        return Determined.more(determined(), name);
    }

    String outcome() {
        return Determined.outcome(determined());
    }
}
