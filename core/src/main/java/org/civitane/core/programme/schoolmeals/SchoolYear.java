package org.civitane.core.programme.schoolmeals;

import java.time.LocalDate;
import java.time.Month;
import org.civitane.core.calendar.BusinessCalendar;

/**
 * A school year, 1 September to 31 July; August belongs to the year about to start.
 *
 * @param startsIn the calendar year of its 1 September
 */
record SchoolYear(int startsIn) {
    static SchoolYear of(LocalDate receivedOn) {
        boolean beforeAugust = receivedOn.getMonthValue() < Month.AUGUST.getValue();
        return new SchoolYear(beforeAugust ? receivedOn.getYear() - 1 : receivedOn.getYear());
    }

    /** The n-th business day of the year after this one; 1 September, if a business day, is the first. */
    LocalDate businessDayOfNext(int n) {
        return BusinessCalendar.businessDay(n, LocalDate.of(startsIn + 1, Month.SEPTEMBER, 1));
    }

    /** {@code 2026/27}. */
    @Override
    public String toString() {
        return String.format("%d/%02d", startsIn, (startsIn + 1) % 100);
    }
}
