package org.civitane.server.papers.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** Finds what a paper about a cost or an account is about: whose it is, of which day, and the one amount. */
public final class CostReader {
    private static final Pattern AMOUNT =
            Pattern.compile("(?i).*\\b(rent|mortgage|instal?lment|balance|total|amount|fee|care)\\b.*");
    private static final Pattern NAME = Pattern.compile("(?i)^\\s*(tenant|name|account holder|for)\\s*:\\s*(.+)$");
    private static final Pattern DAY = Pattern.compile("(?i).*\\b(date|issued|on)\\b.*");

    private CostReader() {}

    /** What was found, in the order name, day of issue, amount; nothing on a page without a named amount. */
    public static List<Found> read(List<Line> lines) {
        Optional<Line> amount = lines.stream()
                .filter(line -> AMOUNT.matcher(line.text()).matches())
                .filter(line -> Written.amount(line.text()).isPresent())
                .findFirst();
        if (amount.isEmpty()) {
            return List.of();
        }
        List<Found> found = new ArrayList<>();
        lines.stream()
                .filter(line -> NAME.matcher(line.text()).matches())
                .findFirst()
                .ifPresent(line -> found.add(new Found(
                        "name", NAME.matcher(line.text()).replaceFirst("$2").strip(), line)));
        lines.stream()
                .filter(line -> DAY.matcher(line.text()).matches())
                .flatMap(line -> Written.days(line.text()).stream()
                        .limit(1)
                        .map(day -> new Found("issuedOn", day.toString(), line)))
                .findFirst()
                .ifPresent(found::add);
        found.add(new Found("amount", Written.amount(amount.get().text()).orElseThrow(), amount.get()));
        return found;
    }
}
