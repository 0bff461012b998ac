package org.civitane.core.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.Month;
import java.time.ZoneId;

/** Business days of Halvern and everything counted in them (rulebook 0.3). */
public final class BusinessCalendar {
    /** The zone in which the agency's day begins and its office closes. */
    public static final ZoneId AGENCY_ZONE = ZoneId.of("Atlantic/Azores");

    private static final int CLOSING_HOUR = 17;

    private BusinessCalendar() {}

    /** Monday to Friday, except the public holidays; a holiday on a weekend is not moved. */
    public static boolean isBusinessDay(LocalDate day) {
        DayOfWeek weekday = day.getDayOfWeek();
        return weekday != DayOfWeek.SATURDAY && weekday != DayOfWeek.SUNDAY && !isHoliday(day);
    }

    /** Whether the day is one of the six public holidays. */
    public static boolean isHoliday(LocalDate day) {
        return switch (day.getMonth()) {
            case JANUARY, MAY -> day.getDayOfMonth() == 1;
            case JUNE -> day.getDayOfMonth() == 15;
            case DECEMBER -> day.getDayOfMonth() == 25 || day.getDayOfMonth() == 26;
            case MARCH, APRIL -> day.equals(easterSunday(day.getYear()).plusDays(1));
            default -> false;
        };
    }

    /**
     * The day on which something handed in counts as received: that day when it is a business day and before
     * 17:00:00, else the next business day.
     *
     * @param handedInAt local agency time
     */
    public static LocalDate received(LocalDateTime handedInAt) {
        LocalDate day = handedInAt.toLocalDate();
        boolean inTime = handedInAt.getHour() < CLOSING_HOUR;
        return isBusinessDay(day) && inTime ? day : plusBusinessDays(day, 1);
    }

    /**
     * "N business days after D": counts from the day after {@code day}.
     *
     * @param count 0 or more; 0 gives the day itself
     */
    public static LocalDate plusBusinessDays(LocalDate day, int count) {
        LocalDate at = day;
        for (int counted = 0; counted < count; ) {
            at = at.plusDays(1);
            if (isBusinessDay(at)) {
                counted++;
            }
        }
        return at;
    }

    /** The {@code n}th business day of a stretch that begins with {@code first}; the first, if a business day, is 1. */
    public static LocalDate businessDay(int n, LocalDate first) {
        return plusBusinessDays(first.minusDays(1), n);
    }

    /** How many business days lie after {@code from}, up to and including {@code to}; negative when {@code to} is earlier. */
    public static int businessDaysBetween(LocalDate from, LocalDate to) {
        if (to.isBefore(from)) {
            return -businessDaysBetween(to, from);
        }
        int count = 0;
        for (LocalDate at = from.plusDays(1); !at.isAfter(to); at = at.plusDays(1)) {
            if (isBusinessDay(at)) {
                count++;
            }
        }
        return count;
    }

    /**
     * The business day that lies {@code count} of them before a day; the day itself need not be one.
     *
     * @param count 0 or more; 0 gives the day itself
     */
    public static LocalDate minusBusinessDays(LocalDate day, int count) {
        LocalDate at = day;
        for (int counted = 0; counted < count; counted++) {
            at = rolledBack(at.minusDays(1));
        }
        return at;
    }

    /** The day itself when it is a business day, else the next one. */
    public static LocalDate rolledForward(LocalDate day) {
        return isBusinessDay(day) ? day : plusBusinessDays(day, 1);
    }

    /** The day itself when it is a business day, else the one before. */
    public static LocalDate rolledBack(LocalDate day) {
        LocalDate at = day;
        while (!isBusinessDay(at)) {
            at = at.minusDays(1);
        }
        return at;
    }

    /** Western Easter Sunday, by the anonymous Gregorian reckoning. */
    static LocalDate easterSunday(int year) {
        int golden = year % 19;
        int century = year / 100;
        int inCentury = year % 100;
        int moonShift = (8 * century + 13) / 25;
        int epact = (19 * golden + century - century / 4 - moonShift + 15) % 30;
        int weekday = (32 + 2 * (century % 4) + 2 * (inCentury / 4) - epact - inCentury % 4) % 7;
        int late = (golden + 11 * epact + 22 * weekday) / 451;
        int march = epact + weekday - 7 * late + 114;
        return LocalDate.of(year, Month.of(march / 31), march % 31 + 1);
    }
}
