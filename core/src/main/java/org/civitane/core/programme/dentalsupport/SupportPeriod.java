package org.civitane.core.programme.dentalsupport;

import java.time.LocalDate;
import java.time.Month;
import java.util.Optional;
import java.util.regex.Pattern;

/** A year of the programme, from 1 July to 30 June, named after the calendar year in which it begins. */
record SupportPeriod(int year) {
    private static final Pattern WRITTEN = Pattern.compile("[0-9]{4}-[0-9]{2}");
    private static final int FIRST = 2025;
    private static final int LAST = 2098;
    private static final int CENTURY = 100;
    private static final int YEAR_DIGITS = 4;
    private static final int LAST_OF_JUNE = 30;

    /** The period in which a day lies. */
    static SupportPeriod around(LocalDate day) {
        return new SupportPeriod(day.getMonthValue() < Month.JULY.getValue() ? day.getYear() - 1 : day.getYear());
    }

    /** A period as it is written, {@code 2026-27}; nothing where a text is none from {@code 2025-26} to {@code 2098-99}. */
    static Optional<SupportPeriod> read(String text) {
        if (!WRITTEN.matcher(text).matches()) {
            return Optional.empty();
        }
        int year = Integer.parseInt(text.substring(0, YEAR_DIGITS));
        int next = Integer.parseInt(text.substring(YEAR_DIGITS + 1));
        return year >= FIRST && year <= LAST && next == (year + 1) % CENTURY
                ? Optional.of(new SupportPeriod(year))
                : Optional.empty();
    }

    LocalDate from() {
        return LocalDate.of(year, Month.JULY, 1);
    }

    LocalDate to() {
        return LocalDate.of(year + 1, Month.JUNE, LAST_OF_JUNE);
    }

    boolean contains(LocalDate day) {
        return !day.isBefore(from()) && !day.isAfter(to());
    }

    /** The calendar year whose income counts: the one before that in which the period begins. */
    int incomeYear() {
        return year - 1;
    }
}
