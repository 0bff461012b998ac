package org.civitane.server.demo;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import org.civitane.core.person.Names;

/**
 * An identity card of an invented person, with three machine-readable lines per ICAO 9303.
 *
 * @param number nine characters
 */
record DemoCard(String number, String given, String family, LocalDate born, LocalDate expires, boolean wrongDigit) {
    private static final DateTimeFormatter SHORT = DateTimeFormatter.ofPattern("yyMMdd");
    private static final int[] WEIGHTS = {7, 3, 1};
    private static final int LINE = 30;

    /** The three lines; with {@code wrongDigit} one check digit is off. */
    List<String> zone() {
        String first = filled("I<XHV" + number + digit(number), LINE);
        String birth = SHORT.format(born);
        String expiry = SHORT.format(expires);
        String middle = birth + digit(birth) + "<" + expiry + digit(expiry) + "XHV";
        String composite = first.substring(5) + middle.substring(0, 7) + middle.substring(8, 15) + "<".repeat(11);
        int last = Integer.parseInt(digit(composite));
        String second = filled(middle, LINE - 1) + (wrongDigit ? (last + 1) % 10 : last);
        return List.of(first, second, filled(words(family) + "<<" + words(given), LINE));
    }

    private static String words(String name) {
        return Names.normalise(name).replace(' ', '<');
    }

    private static String filled(String text, int length) {
        return text.length() >= length ? text.substring(0, length) : text + "<".repeat(length - text.length());
    }

    private static String digit(String field) {
        int sum = 0;
        for (int i = 0; i < field.length(); i++) {
            char c = field.charAt(i);
            int value = c == '<' ? 0 : c <= '9' ? c - '0' : c - 'A' + 10;
            sum += value * WEIGHTS[i % WEIGHTS.length];
        }
        return String.valueOf(sum % 10);
    }
}
