package org.civitane.server.corrections;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Days as people read them. */
public final class DayText {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMMM", Locale.ENGLISH);

    private DayText() {}

    /** {@code Thu 3 December}. */
    public static String of(LocalDate day) {
        return DAY.format(day);
    }
}
