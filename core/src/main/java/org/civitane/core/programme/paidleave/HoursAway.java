package org.civitane.core.programme.paidleave;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Rounding;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Absence;
import org.civitane.core.programme.paidleave.PaidLeaveCase.Pattern;
import org.civitane.core.reasoning.Value;

/**
 * The hours away, exactly. They are counted in parts of an hour so small that every share a rule can ask for is a whole
 * number of them: with W hundredths of an hour in a week's schedule, an hour has 10,000 × W parts.
 */
final class HoursAway {
    private static final int A_HUNDRED = 100;
    private static final int MOST_DECIMALS = 4;

    private final Map<DayOfWeek, Hundredths> schedule;
    private final long weekHundredths;
    private final long awayPerHundredth;
    private final boolean onSingleDays;
    private final Map<LocalDate, Hundredths> absences;
    private final LocalDate from;
    private final LocalDate to;

    /** @param file complete: with a schedule that has hours, a pattern, and what the pattern asks for */
    HoursAway(PaidLeaveCase file, LocalDate from, LocalDate to) {
        this.schedule = file.schedule();
        this.weekHundredths = weekHundredths(schedule);
        Pattern pattern = file.pattern().orElseThrow();
        this.awayPerHundredth = switch (pattern) {
            case CONTINUOUS, INTERMITTENT -> Math.multiplyExact(A_HUNDRED, weekHundredths);
            case REDUCED ->
                A_HUNDRED
                        * Math.max(
                                0,
                                weekHundredths
                                        - file.reducedHoursPerWeek()
                                                .orElseThrow()
                                                .count());
        };
        this.onSingleDays = pattern == Pattern.INTERMITTENT;
        this.absences = byDay(file.absences().orElse(List.of()));
        this.from = from;
        this.to = to;
    }

    /** Those of a whole leave: from its first day, or where the employer's own leave comes first from the day after it. */
    static HoursAway of(PaidLeaveCase file) {
        LocalDate start = file.start().orElseThrow();
        return new HoursAway(
                file,
                file.benefitsBegin().filter(begin -> begin.isAfter(start)).orElse(start),
                file.end().orElseThrow());
    }

    static long weekHundredths(Map<DayOfWeek, Hundredths> schedule) {
        return schedule.values().stream().mapToLong(Hundredths::count).reduce(0, Math::addExact);
    }

    LocalDate from() {
        return from;
    }

    LocalDate to() {
        return to;
    }

    /** The parts of one day; 0 outside the span. */
    long on(LocalDate day) {
        if (day.isBefore(from) || day.isAfter(to)) {
            return 0;
        }
        Hundredths scheduled = schedule.getOrDefault(day.getDayOfWeek(), Hundredths.ZERO);
        Hundredths missed =
                onSingleDays ? absences.getOrDefault(day, Hundredths.ZERO).limitedTo(scheduled) : scheduled;
        return Math.multiplyExact(missed.count(), awayPerHundredth);
    }

    /** All of them. */
    long total() {
        long sum = 0;
        if (onSingleDays) {
            for (LocalDate day : absences.keySet()) {
                sum = Math.addExact(sum, on(day));
            }
            return sum;
        }
        for (LocalDate day = from; !day.isAfter(to); day = day.plusDays(1)) {
            sum = Math.addExact(sum, on(day));
        }
        return sum;
    }

    /** How many weeks of the schedule they are, half up to a hundredth. */
    Hundredths inWeeks(long parts) {
        long partsInWeek = inParts(new Hundredths(A_HUNDRED));
        return new Hundredths(Rounding.HALF_UP.multiplyDivide(parts, A_HUNDRED, partsInWeek));
    }

    /** Weeks of the schedule in parts. */
    long inParts(Hundredths weeks) {
        return Math.multiplyExact(weeks.count(), Math.multiplyExact(weekHundredths, weekHundredths));
    }

    /** A weekly amount's share for these hours, rounded down to the cent. */
    Money share(Money weekly, long parts) {
        return weekly.share(parts, inParts(new Hundredths(A_HUNDRED)), Money.CENT, Rounding.DOWN);
    }

    /** As a result carries hours: the shortest exact decimal, at most four decimals, half up. */
    Value inHours(long parts) {
        return hours(BigDecimal.valueOf(Rounding.HALF_UP.divide(parts, weekHundredths), MOST_DECIMALS));
    }

    /** The hours of a week's schedule. */
    Value week() {
        return hours(BigDecimal.valueOf(weekHundredths * A_HUNDRED, MOST_DECIMALS));
    }

    /** Hours as results carry them: the shortest exact decimal. */
    static Value hours(BigDecimal hours) {
        BigDecimal shortest = hours.stripTrailingZeros();
        return new Value.Decimal(shortest.scale() < 0 ? shortest.setScale(0) : shortest);
    }

    private static Map<LocalDate, Hundredths> byDay(List<Absence> absences) {
        Map<LocalDate, Hundredths> byDay = new HashMap<>();
        for (Absence absence : absences) {
            byDay.merge(absence.date(), absence.hours(), Hundredths::plus);
        }
        return byDay;
    }
}
