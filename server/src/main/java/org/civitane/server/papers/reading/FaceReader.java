package org.civitane.server.papers.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Finds what stands in plain words on a document that shows who someone is: whose it is, when they were born, when it
 * was issued and until when it is valid. Only what stands behind a word for it is taken.
 */
public final class FaceReader {
    private static final Pattern WHOLE_NAME = labelled(
            "(?:full )?name(?: of (?:the )?(?:holder|child))?|account holder|holder|customer|tenants?|employee|taxpayer|child");
    private static final Pattern FAMILY = labelled("1\\.|surname|family name|last name");
    private static final Pattern GIVEN = labelled("2\\.|given names?|first names?");
    private static final Pattern BORN = dated("3\\.|born(?: on)?|date of birth|birth date");
    private static final Pattern EXPIRES =
            dated("4b\\.?|valid until|valid to|expires(?: on)?|expiry(?: date)?|date of expiry");
    private static final Pattern ISSUED = dated(
            "4a\\.?|issued(?: on)?|date of issue|issue date|(?:statement|bill|invoice|notice) date|dated?|paid on|pay date");

    private FaceReader() {}

    /** What was found, in the order name, date of birth, day of issue, expiry; nothing where no word says what it is. */
    public static List<Found> read(List<Line> lines) {
        List<Found> found = new ArrayList<>();
        name(lines).ifPresent(found::add);
        day(lines, BORN, "dateOfBirth").ifPresent(found::add);
        day(lines, ISSUED, "issuedOn").ifPresent(found::add);
        day(lines, EXPIRES, "expiresOn").ifPresent(found::add);
        return found;
    }

    private static Optional<Found> name(List<Line> lines) {
        Optional<Found> family = behind(lines, FAMILY, "name");
        Optional<Found> given = behind(lines, GIVEN, "name");
        if (family.isPresent() && given.isPresent()) {
            return Optional.of(new Found(
                    "name",
                    given.get().value() + " " + family.get().value(),
                    family.get().line()));
        }
        return behind(lines, WHOLE_NAME, "name");
    }

    private static Optional<Found> behind(List<Line> lines, Pattern label, String field) {
        for (Line line : lines) {
            Matcher matcher = label.matcher(line.text().strip());
            if (matcher.matches() && matcher.group("value").codePoints().anyMatch(Character::isLetter)) {
                return Optional.of(new Found(field, matcher.group("value").strip(), line));
            }
        }
        return Optional.empty();
    }

    private static Optional<Found> day(List<Line> lines, Pattern label, String field) {
        for (Line line : lines) {
            Matcher matcher = label.matcher(line.text());
            if (matcher.find()) {
                return Written.days(line.text().substring(matcher.end())).stream()
                        .findFirst()
                        .map(day -> new Found(field, day.toString(), line));
            }
        }
        return Optional.empty();
    }

    private static Pattern labelled(String words) {
        return Pattern.compile("(?iu)(?:" + words + ")\\s*[:.]?\\s+(?<value>.*\\p{L}.*)");
    }

    /** A word for a day, with nothing but a sign between it and the day. */
    private static Pattern dated(String words) {
        return Pattern.compile("(?iu)(?<![\\p{L}\\d])(?:" + words + ")\\s*[:.]?\\s*(?=\\d)");
    }
}
