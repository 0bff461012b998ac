package org.civitane.core.programme.supportintake;

import java.time.LocalDate;
import java.time.Month;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A term of the places of learning (chapter, Terms): {@code 2026-1} from February, {@code 2026-2} from September. */
record Term(int year, boolean second) {
    private static final Pattern WRITTEN = Pattern.compile("([0-9]{4})-([12])");
    private static final int LAST_OF_JUNE = 30;
    private static final int LAST_OF_JANUARY = 31;

    /** A term of a year from {@code first} to {@code last}; nothing where a text is not exactly one. */
    static Optional<Term> read(String text, int first, int last) {
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            return Optional.empty();
        }
        int year = Integer.parseInt(written.group(1));
        return year < first || year > last
                ? Optional.empty()
                : Optional.of(new Term(year, written.group(2).equals("2")));
    }

    LocalDate lastDay() {
        return second
                ? LocalDate.of(year + 1, Month.JANUARY, LAST_OF_JANUARY)
                : LocalDate.of(year, Month.JUNE, LAST_OF_JUNE);
    }

    /** Whether it is not over yet on a day, also before it has begun. */
    boolean isOpenOn(LocalDate day) {
        return !lastDay().isBefore(day);
    }
}
