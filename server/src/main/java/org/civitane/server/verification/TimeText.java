package org.civitane.server.verification;

import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.civitane.core.calendar.BusinessCalendar;

/** Moments as people read them, in agency time. */
public final class TimeText {
    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH).withZone(BusinessCalendar.AGENCY_ZONE);

    private TimeText() {}

    /** {@code 3 Dec 14:05}. */
    public static String of(Instant at) {
        return MOMENT.format(at);
    }
}
