package org.civitane.exchange.binding;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;

/**
 * ISO 8601 dates and moments of one fixed width, read digit by digit: a case file has a dozen, and java.time's own
 * parser took as long as all the rest of reading it.
 */
final class IsoTime {
    private IsoTime() {}

    /**
     * Reads {@code 2026-09-14}.
     *
     * @param text ten characters, or more of which the first ten are read
     * @throws DateTimeException when there is no such date
     */
    static LocalDate date(String text) {
        expect('-', text, 4);
        expect('-', text, 7);
        return LocalDate.of(digits(text, 0, 4), digits(text, 5, 7), digits(text, 8, 10));
    }

    /**
     * Reads {@code 2026-09-14T10:32:00}.
     *
     * @param text nineteen characters
     * @throws DateTimeException when there is no such moment
     */
    static LocalDateTime dateTime(String text) {
        expect('T', text, 10);
        expect(':', text, 13);
        expect(':', text, 16);
        return date(text).atTime(digits(text, 11, 13), digits(text, 14, 16), digits(text, 17, 19));
    }

    private static int digits(String text, int from, int to) {
        int number = 0;
        for (int i = from; i < to; i++) {
            int digit = text.charAt(i) - '0';
            if (digit < 0 || digit > 9) {
                throw new DateTimeException("No digit at " + i + ".");
            }
            number = number * 10 + digit;
        }
        return number;
    }

    private static void expect(char sign, String text, int at) {
        if (text.charAt(at) != sign) {
            throw new DateTimeException("No " + sign + " at " + at + ".");
        }
    }
}
