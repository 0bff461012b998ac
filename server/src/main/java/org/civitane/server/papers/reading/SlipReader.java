package org.civitane.server.papers.reading;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Finds the figures of a pay slip among the lines of one page. */
public final class SlipReader {
    private static final List<String> PERIOD = List.of("pay period", "period");
    private static final List<String> PAID = List.of("pay date", "paid on", "date of payment");
    private static final List<String> YEAR_TO_DATE = List.of("year to date", "ytd");
    private static final List<String> GROSS = List.of("gross");
    private static final List<String> EMPLOYER = List.of("employer");
    private static final List<String> EMPLOYEE = List.of("employee:", "employee ", "name:");

    private SlipReader() {}

    /** What was found, in the order employer, name, period, pay date, gross, year to date; nothing on a page that is no slip. */
    public static List<Found> read(List<Line> lines) {
        List<Found> found = new ArrayList<>();
        Optional<Line> gross = withAmount(lines, GROSS, YEAR_TO_DATE);
        if (gross.isEmpty()) {
            return found;
        }
        employer(lines).ifPresent(found::add);
        first(lines, EMPLOYEE, List.of())
                .ifPresent(line -> behind(line, "employee|name").ifPresent(found::add));
        first(lines, PERIOD, List.of()).ifPresent(line -> {
            List<LocalDate> days = Written.days(line.text());
            if (days.size() == 2) {
                found.add(new Found("periodStart", days.get(0).toString(), line));
                found.add(new Found("periodEnd", days.get(1).toString(), line));
            }
        });
        first(lines, PAID, List.of())
                .ifPresent(line -> Written.days(line.text()).stream()
                        .findFirst()
                        .ifPresent(day -> found.add(new Found("payDate", day.toString(), line))));
        gross.ifPresent(line -> found.add(new Found("gross", amountOf(line), line)));
        withAmount(lines, YEAR_TO_DATE, List.of())
                .ifPresent(line -> found.add(new Found("ytdGross", amountOf(line), line)));
        return found;
    }

    /** What stands behind the word employer; where that is not said, the first line that names no field. */
    private static Optional<Found> employer(List<Line> lines) {
        Optional<Line> named = first(lines, EMPLOYER, List.of());
        if (named.isPresent()) {
            String name = named.get()
                    .text()
                    .replaceFirst("(?i)^.*?employer\\s*:?\\s*", "")
                    .strip();
            return name.isEmpty() ? Optional.empty() : Optional.of(new Found("employer", name, named.get()));
        }
        return lines.stream()
                .filter(line -> !line.text().toLowerCase(Locale.ROOT).matches(".*(pay ?slip|wage statement|\\d).*"))
                .findFirst()
                .map(line -> new Found("employer", line.text(), line));
    }

    /** What stands behind one of some words, as a person's name. */
    private static Optional<Found> behind(Line line, String words) {
        String name = line.text()
                .replaceFirst("(?i)^.*?(" + words + ")\\s*:?\\s*", "")
                .strip();
        return name.isEmpty() ? Optional.empty() : Optional.of(new Found("name", name, line));
    }

    private static Optional<Line> withAmount(List<Line> lines, List<String> words, List<String> butNot) {
        return lines.stream()
                .filter(line -> says(line, words) && !says(line, butNot))
                .filter(line -> Written.amount(line.text()).isPresent())
                .findFirst();
    }

    private static Optional<Line> first(List<Line> lines, List<String> words, List<String> butNot) {
        return lines.stream()
                .filter(line -> says(line, words) && !says(line, butNot))
                .findFirst();
    }

    private static boolean says(Line line, List<String> words) {
        String text = line.text().toLowerCase(Locale.ROOT);
        return words.stream().anyMatch(text::contains);
    }

    private static String amountOf(Line line) {
        return Written.amount(line.text()).orElseThrow();
    }
}
