package org.civitane.server.papers.reading;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.civitane.core.person.Names;

/**
 * Finds a name that one knows where no word says that it is one, as in the address of a letter. It must stand alone on
 * its line or in its column: a name within a sentence or a booking may be somebody's who is only spoken of.
 */
final class NameFinder {
    private static final Pattern COLUMN = Pattern.compile("\\s{2,}|\\t|\\|");
    private static final Pattern TITLE = Pattern.compile("(?iu)^(?:ms|mrs|mr|mx|miss|dr|prof)\\.?\\s+");

    private NameFinder() {}

    /** The first of the names that stands alone somewhere, as it is written there. */
    static Optional<Found> find(List<Line> lines, List<String> names) {
        return lines.stream()
                .flatMap(line -> alone(line).map(words -> new Found("name", words, line)))
                .filter(found -> names.stream().anyMatch(name -> isIt(found.value(), name)))
                .findFirst();
    }

    private static Stream<String> alone(Line line) {
        return COLUMN.splitAsStream(line.text().strip())
                .map(part -> TITLE.matcher(part.strip()).replaceFirst("").strip());
    }

    private static boolean isIt(String words, String name) {
        return Names.compare(words, name) == Names.Verdict.MATCH;
    }
}
