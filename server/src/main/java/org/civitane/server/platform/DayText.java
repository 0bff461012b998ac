package org.civitane.server.platform;

import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.civitane.core.calendar.BusinessCalendar;

/** Days and moments as people read them, in agency time. */
public final class DayText {
    private static final DateTimeFormatter FULL = DateTimeFormatter.ofPattern("EEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMMM uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH).withZone(BusinessCalendar.AGENCY_ZONE);

    private DayText() {}

    /** {@code Thu 3 December}. */
    public static String full(LocalDate day) {
        return FULL.format(day);
    }

    /** {@code 3 December 2026}. */
    public static String date(LocalDate day) {
        return DATE.format(day);
    }

    /** {@code December 2026}. */
    static String month(LocalDate day) {
        return MONTH.format(day);
    }

    /** {@code 3 Dec 14:05}. */
    public static String moment(Instant at) {
        return MOMENT.format(at);
    }
}
