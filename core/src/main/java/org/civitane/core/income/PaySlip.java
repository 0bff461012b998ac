package org.civitane.core.income;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.fault.Fault;

/**
 * One pay slip; {@code periodStart} and {@code periodEnd} included.
 *
 * @param ytdGross what it says was paid in the calendar year of {@code payDate} so far
 */
public record PaySlip(
        String member,
        String employer,
        LocalDate payDate,
        LocalDate periodStart,
        LocalDate periodEnd,
        Money gross,
        Optional<Money> ytdGross) {
    private static final int WEEK = 7;
    private static final int FORTNIGHT = 14;
    private static final int HALF_MONTH = 15;
    private static final int SHORTEST_MONTH = 28;
    private static final int LONGEST_MONTH = 31;

    /** @throws InvalidFact when the period ends before it starts */
    public PaySlip {
        if (periodEnd.isBefore(periodStart)) {
            throw new InvalidFact("/periodEnd", Fault.of("period-ends-first", periodStart));
        }
    }

    /** The length of its period in days, at least 1. */
    long days() {
        return ChronoUnit.DAYS.between(periodStart, periodEnd) + 1;
    }

    /** The rhythm its period fits. */
    PayRhythm rhythm() {
        long days = days();
        if (days == WEEK) {
            return PayRhythm.WEEKLY;
        }
        if (isHalfMonth()) {
            return PayRhythm.TWICE_MONTHLY;
        }
        if (days == FORTNIGHT) {
            return PayRhythm.FORTNIGHTLY;
        }
        return days >= SHORTEST_MONTH && days <= LONGEST_MONTH ? PayRhythm.MONTHLY : PayRhythm.IRREGULAR;
    }

    private boolean isHalfMonth() {
        boolean oneMonth = periodStart.withDayOfMonth(1).equals(periodEnd.withDayOfMonth(1));
        boolean first = periodStart.getDayOfMonth() == 1 && periodEnd.getDayOfMonth() == HALF_MONTH;
        boolean second =
                periodStart.getDayOfMonth() == HALF_MONTH + 1 && periodEnd.getDayOfMonth() == periodEnd.lengthOfMonth();
        return oneMonth && (first || second);
    }
}
