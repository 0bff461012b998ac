package org.civitane.server.desk;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Days as the desk writes them. */
final class DayNames {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

    private DayNames() {}

    /** {@code Thu 3 Dec}. */
    static String of(LocalDate day) {
        return DAY.format(day);
    }
}
