package org.civitane.server.papers.reading;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Days and amounts in the many ways in which papers write them. */
final class Written {
    private static final Pattern DAY = Pattern.compile("(?<iso>\\d{4}-\\d{2}-\\d{2})"
            + "|(?<d>\\d{1,2})[./](?<m>\\d{1,2})[./](?<y>\\d{4})"
            + "|(?<day>\\d{1,2})\\.? (?<month>\\p{L}{3,9})\\.? (?<year>\\d{4})");
    private static final Pattern AMOUNT =
            Pattern.compile("(?<![\\d.,])(\\d{1,3}(?:[., ]\\d{3})+|\\d+)[.,](\\d{2})(?!\\d)");
    private static final Map<String, Integer> MONTHS = Map.ofEntries(
            Map.entry("JAN", 1),
            Map.entry("FEB", 2),
            Map.entry("MAR", 3),
            Map.entry("APR", 4),
            Map.entry("MAY", 5),
            Map.entry("JUN", 6),
            Map.entry("JUL", 7),
            Map.entry("AUG", 8),
            Map.entry("SEP", 9),
            Map.entry("OCT", 10),
            Map.entry("NOV", 11),
            Map.entry("DEC", 12));

    private Written() {}

    /** All days in a text, in their order; {@code 31 October 2026}, {@code 31.10.2026} or {@code 2026-10-31}. */
    static List<LocalDate> days(String text) {
        List<LocalDate> days = new ArrayList<>();
        Matcher matcher = DAY.matcher(text);
        while (matcher.find()) {
            day(matcher).ifPresent(days::add);
        }
        return days;
    }

    /** The last amount in a text with two decimals, without grouping: {@code 1,234.50} and {@code 1.234,50} are 1234.50. */
    static Optional<String> amount(String text) {
        Matcher matcher = AMOUNT.matcher(text);
        Optional<String> last = Optional.empty();
        while (matcher.find()) {
            last = Optional.of(matcher.group(1).replaceAll("[., ]", "") + "." + matcher.group(2));
        }
        return last;
    }

    private static Optional<LocalDate> day(Matcher matcher) {
        try {
            if (matcher.group("iso") != null) {
                return Optional.of(LocalDate.parse(matcher.group("iso")));
            }
            if (matcher.group("d") != null) {
                return Optional.of(LocalDate.of(number(matcher, "y"), number(matcher, "m"), number(matcher, "d")));
            }
            String month = matcher.group("month").substring(0, 3).toUpperCase(Locale.ROOT);
            return Optional.ofNullable(MONTHS.get(month))
                    .map(m -> LocalDate.of(number(matcher, "year"), m, number(matcher, "day")));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private static int number(Matcher matcher, String group) {
        return Integer.parseInt(matcher.group(group));
    }
}
