package org.civitane.core.calendar;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.regex.Pattern;
import org.civitane.core.fault.Fault;
import org.civitane.core.fault.Unreadable;

/**
 * A quarter of a calendar year.
 *
 * @param year four digits
 * @param number 1 to 4
 */
public record Quarter(int year, int number) {
    private static final Pattern SHAPE = Pattern.compile("[0-9]{4}Q[1-4]");
    private static final int A_YEAR = 4;
    private static final int MONTHS = 3;

    /**
     * Reads {@code 2026Q2}.
     *
     * @throws IllegalArgumentException when the text is no quarter
     */
    public static Quarter parse(String text) {
        if (!SHAPE.matcher(text).matches()) {
            throw new Unreadable(Fault.of("quarter"));
        }
        return new Quarter(Integer.parseInt(text.substring(0, 4)), text.charAt(5) - '0');
    }

    /** The quarter in which a day lies. */
    public static Quarter of(LocalDate day) {
        return new Quarter(day.getYear(), (day.getMonthValue() - 1) / MONTHS + 1);
    }

    /** The quarter {@code count} quarters earlier. */
    public Quarter minus(int count) {
        int index = year * A_YEAR + number - 1 - count;
        return new Quarter(Math.floorDiv(index, A_YEAR), Math.floorMod(index, A_YEAR) + 1);
    }

    public YearMonth firstMonth() {
        return YearMonth.of(year, MONTHS * (number - 1) + 1);
    }

    public YearMonth lastMonth() {
        return firstMonth().plusMonths(MONTHS - 1L);
    }

    public boolean contains(YearMonth month) {
        return !month.isBefore(firstMonth()) && !month.isAfter(lastMonth());
    }

    /** {@code 2026Q2}. */
    @Override
    public String toString() {
        return String.format("%04dQ%d", year, number);
    }
}
