package org.civitane.core.programme.paidleave;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.programme.Consequence;
import org.civitane.core.programme.DayPlan;
import org.civitane.core.programme.DayPlan.Kind;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Pattern;
import org.civitane.core.programme.paidleave.PaidLeaveCase.PriorLeave;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Value;

/** A leave day by day and week by week, from the same rules that decide it. */
final class PaidLeavePlan {
    private static final int DAYS_IN_WEEK = 7;
    /** Days after which the 52 weeks of a leave year are over. */
    private static final int LAST_OF_YEAR = 363;

    private final PaidLeaveCase file;
    private final PolicyBook book;
    private final LocalDate today;
    private final LocalDate start;
    private final HoursAway away;
    private final Outcome outcome;
    private final Map<String, Value> granted;
    private final List<Consequence> payments;

    private PaidLeavePlan(PaidLeaveCase file, Determination determination, PolicyBook book, LocalDate today) {
        this.file = file;
        this.book = book;
        this.today = today;
        this.start = file.start().orElseThrow();
        this.away = HoursAway.of(file);
        this.outcome = determination.outcomes().getFirst();
        this.granted = outcome.more();
        this.payments = PaidLeavePayments.of(outcome, today);
    }

    /** Nothing until it is said when someone is away, how, and how much they work. */
    static Optional<DayPlan> of(PaidLeaveCase file, Determination determination, PolicyBook book, LocalDate today) {
        return isDrawable(file)
                ? Optional.of(new PaidLeavePlan(file, determination, book, today).plan())
                : Optional.empty();
    }

    /** Whether enough is said to know the hours of each day. */
    static boolean isDrawable(PaidLeaveCase file) {
        boolean isSpan = file.start()
                .flatMap(start -> file.end().filter(end -> !end.isBefore(start)))
                .isPresent();
        boolean isKnown = file.pattern()
                .map(pattern -> switch (pattern) {
                    case CONTINUOUS -> true;
                    case REDUCED -> file.reducedHoursPerWeek().isPresent();
                    case INTERMITTENT -> file.absences().isPresent();
                })
                .orElse(false);
        return isSpan && isKnown && HoursAway.weekHundredths(file.schedule()) > 0;
    }

    private DayPlan plan() {
        PolicyVersion version = book.inForce(PaidLeavePolicy.TABLE, file.receivedOn());
        LeaveYear year = LeaveYear.of(file, start, version, Reasoning.silent());
        Hundredths requested = away.inWeeks(away.total());
        Hundredths most = requested.limitedTo(year.available());
        return new DayPlan(
                days(),
                weeks(),
                figures(year, requested, most),
                drawn(year, most, version),
                later(version),
                SideBySide.of(file, away));
    }

    private List<DayPlan.Day> days() {
        return start.datesUntil(away.to().plusDays(1))
                .limit(DayPlan.MOST_DAYS)
                .map(day -> new DayPlan.Day(day, kindOf(day), away.inHours(away.on(day)), doubtOf(day)))
                .toList();
    }

    private Kind kindOf(LocalDate day) {
        if (day.isBefore(away.from())) {
            return Kind.BEFORE;
        }
        return away.on(day) > 0 ? Kind.AWAY : Kind.NONE;
    }

    /** A day away that whoever gives the care does not certify, or on which the employer says there is less to miss. */
    private Optional<String> doubtOf(LocalDate day) {
        if (away.on(day) == 0) {
            return Optional.empty();
        }
        boolean isUncertified = file.careProvider()
                .filter(PaidLeaveCase.CareProvider::certifies)
                .filter(provider -> !provider.covers(day))
                .isPresent();
        if (isUncertified) {
            return Optional.of("UNCERTIFIED");
        }
        Hundredths scheduled = file.schedule().getOrDefault(day.getDayOfWeek(), Hundredths.ZERO);
        boolean hasLess = file.employer()
                .filter(PaidLeaveCase.Employer::hasAnswered)
                .map(employer -> employer.schedule().getOrDefault(day.getDayOfWeek(), Hundredths.ZERO))
                .filter(theirs -> theirs.compareTo(scheduled) < 0)
                .isPresent();
        return hasLess ? Optional.of("FEWER_HOURS") : Optional.empty();
    }

    private List<DayPlan.Week> weeks() {
        Map<LocalDate, Long> hours = new LinkedHashMap<>();
        daysAway().forEach(day -> hours.merge(LeaveYear.mondayOf(day), away.on(day), Math::addExact));
        Map<LocalDate, DayPlan.Paid> paid = paidByWeek();
        return hours.entrySet().stream()
                .filter(week -> week.getValue() > 0)
                .map(week -> new DayPlan.Week(
                        week.getKey(), away.inHours(week.getValue()), Optional.ofNullable(paid.get(week.getKey()))))
                .toList();
    }

    private Stream<LocalDate> daysAway() {
        if (away.from().isAfter(away.to())) {
            return Stream.empty();
        }
        return file.pattern().equals(Optional.of(Pattern.INTERMITTENT))
                ? file.absences().orElseThrow().stream()
                        .map(PaidLeaveCase.Absence::date)
                        .distinct()
                        .sorted()
                : away.from().datesUntil(away.to().plusDays(1)).limit(DayPlan.MOST_DAYS);
    }

    /** Weeks in which something is paid; one that an offset eats up is no payment. */
    private Map<LocalDate, DayPlan.Paid> paidByWeek() {
        Map<PaidFor, Figures> behind = PaidLeavePayments.behind(outcome);
        Map<LocalDate, DayPlan.Paid> paid = new LinkedHashMap<>();
        for (Consequence each : payments) {
            if (each instanceof Consequence.Pay pay) {
                paid.put(pay.time().firstDay(), new DayPlan.Paid(pay.amount(), pay.on(), behind.get(pay.time())));
            }
        }
        return paid;
    }

    private Figures figures(LeaveYear year, Hundredths requested, Hundredths most) {
        Figures.Builder figures = Figures.builder(9)
                .add("requested", Weeks.of(requested))
                .add("most", Weeks.of(most))
                .add("entitlement", Weeks.of(year.entitlement()));
        if (year.used().compareTo(Hundredths.ZERO) > 0) {
            figures.add("used", Weeks.of(year.used()));
        }
        figures.add("remaining", Weeks.of(year.available().lessDownToZero(most)));
        if (granted.get("total") instanceof Value.Amount total) {
            figures.add("total", total);
        }
        Money withheld = most("national").plus(most("regional"));
        if (withheld.isPositive()) {
            figures.add("withheld", withheld);
        }
        Money lost = lost();
        if (lost.isPositive()) {
            figures.add("reduction", lost);
        }
        payments.stream()
                .findFirst()
                .map(Consequence.Pay.class::cast)
                .ifPresent(first -> figures.add("firstPayment", first.amount()).add("firstPaidOn", first.on()));
        return figures.build();
    }

    /** What late notice takes off. */
    private Money lost() {
        return ofWeeks("reduction").reduce(Money.ZERO, Money::plus);
    }

    /** The most that a week has of a figure. */
    private Money most(String figure) {
        return ofWeeks(figure).max(Comparator.naturalOrder()).orElse(Money.ZERO);
    }

    private Stream<Money> ofWeeks(String figure) {
        return granted.get("payments") instanceof Value.Row(List<Value> rows)
                ? rows.stream()
                        .map(row ->
                                ((Value.Amount) ((Value.Fields) row).values().get(figure)).money())
                : Stream.empty();
    }

    private DayPlan.Year drawn(LeaveYear year, Hundredths most, PolicyVersion version) {
        List<DayPlan.Piece> pieces = new ArrayList<>(countedOf(version)
                .map(prior -> new DayPlan.Piece(prior.from(), Weeks.of(prior.weeks()), prior.status()))
                .sorted(Comparator.comparing(DayPlan.Piece::from))
                .toList());
        if (most.compareTo(Hundredths.ZERO) > 0) {
            pieces.add(new DayPlan.Piece(away.from(), Weeks.of(most), "ASKED"));
        }
        return new DayPlan.Year(year.from(), year.from().plusDays(LAST_OF_YEAR), Weeks.of(year.entitlement()), pieces);
    }

    /** The leave before that takes weeks from the year in which this one starts. */
    private Stream<PriorLeave> countedOf(PolicyVersion version) {
        int days = PaidLeavePolicy.of(version).leaveYearDays;
        return file.priorLeave().stream().filter(PriorLeave::counts).filter(prior -> {
            LocalDate monday = LeaveYear.mondayOf(prior.from());
            return monday.plusDays(days).isAfter(start) && !monday.isAfter(start);
        });
    }

    private List<DayPlan.Later> later(PolicyVersion version) {
        List<DayPlan.Later> later = new ArrayList<>();
        PaidLeaveCase told = file.notice().isEmpty() ? file.told(today) : file;
        String code = file.notice().isEmpty() ? "TELL" : "NOTICE";
        inTime(version).flatMap(day -> begun(code, told, day)).ifPresent(later::add);
        newYear(version).flatMap(day -> begun("YEAR", file, day)).ifPresent(later::add);
        return later;
    }

    /** The first day for which the employer would have been told in time, or would be if they were told today. */
    private Optional<LocalDate> inTime(PolicyVersion version) {
        boolean isEmergency = file.notice().map(PaidLeaveCase.Notice::emergency).orElse(false);
        LocalDate told = file.notice().map(PaidLeaveCase.Notice::on).orElse(today);
        return isEmergency ? Optional.empty() : Optional.of(told.plusDays(PaidLeavePolicy.of(version).noticeDays));
    }

    /** The day from which the earliest leave before no longer counts. */
    private Optional<LocalDate> newYear(PolicyVersion version) {
        int days = PaidLeavePolicy.of(version).leaveYearDays;
        return countedOf(version)
                .map(prior -> LeaveYear.mondayOf(prior.from()).plusDays(days))
                .min(Comparator.naturalOrder());
    }

    /** The same leave, whole weeks later; nothing unless there is more money or there are more weeks then. */
    private Optional<DayPlan.Later> begun(String code, PaidLeaveCase said, LocalDate soonest) {
        if (!soonest.isAfter(start)) {
            return Optional.empty();
        }
        long days = soonest.toEpochDay() - start.toEpochDay();
        long weeks = (days + DAYS_IN_WEEK - 1) / DAYS_IN_WEEK;
        PaidLeaveCase moved = said.moved(weeks * DAYS_IN_WEEK);
        LocalDate begin = moved.start().orElseThrow();
        Determination then = new PaidLeaveRules(moved, book, Reasoning.silent()).determine();
        Money before = totalOf(granted);
        Money after = totalOf(then.outcomes().getFirst().more());
        return before.compareTo(after) < 0
                ? Optional.of(new DayPlan.Later(
                        code,
                        begin,
                        Figures.builder(3)
                                .add("start", begin)
                                .add("total", after)
                                .add("more", after.minus(before))
                                .build()))
                : Optional.empty();
    }

    private static Money totalOf(Map<String, Value> granted) {
        return granted.get("total") instanceof Value.Amount(Money total) ? total : Money.ZERO;
    }
}
