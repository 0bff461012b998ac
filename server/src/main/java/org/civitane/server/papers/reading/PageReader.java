package org.civitane.server.papers.reading;

import java.io.IOException;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.server.papers.ShownValue;

/** Finds what one page says: of a pay slip its figures, of a document whose it is and its zone, else whose cost it is. */
public final class PageReader {
    private PageReader() {}

    /** The lines of a page, and its picture where it had to be looked at. */
    public record Page(List<Line> lines, Optional<Straight> picture) {
        public Page {
            lines = List.copyOf(lines);
        }

        /** A page that is a picture. */
        public static Page of(Straight picture, int page) throws IOException {
            return new Page(Ocr.lines(picture, page), Optional.of(picture));
        }
    }

    /**
     * What was found, as values that nobody has looked at yet.
     *
     * @param on the day, by which two-digit years are told
     * @param names whose it may be, looked for where no word on it says whose it is
     * @throws IOException when it could not be read at this moment
     */
    public static List<ShownValue> read(Page page, LocalDate on, List<String> names) throws IOException {
        return found(page, on, names).stream().map(PageReader::asRead).toList();
    }

    private static List<Found> found(Page page, LocalDate on, List<String> names) throws IOException {
        List<Line> lines = page.lines();
        List<Found> named = NameFinder.find(lines, names).stream().toList();
        List<Found> slip = SlipReader.read(lines);
        List<Found> face = FaceReader.read(lines);
        if (!slip.isEmpty()) {
            boolean dated = slip.stream().anyMatch(found -> found.field().equals("payDate"));
            return together(List.of(
                    slip,
                    face.stream()
                            .filter(found -> !dated && found.field().equals("issuedOn"))
                            .toList(),
                    named));
        }
        List<Found> zone = zone(page, on);
        List<Found> cost = zone.isEmpty() ? CostReader.read(lines) : List.of();
        return together(List.of(face, cost, zone, named));
    }

    /** Of each field what is found first: the words on the face before what machines are told. */
    private static List<Found> together(List<List<Found>> readings) {
        Map<String, Found> byField = new LinkedHashMap<>();
        readings.stream().flatMap(List::stream).forEach(found -> byField.putIfAbsent(found.field(), found));
        return List.copyOf(byField.values());
    }

    private static List<Found> zone(Page page, LocalDate on) throws IOException {
        List<Line> lines = page.lines();
        List<Found> zone = ZoneReader.read(lines, on);
        boolean mayHaveOne = zone.isEmpty()
                && !lines.isEmpty()
                && lines.stream()
                        .anyMatch(
                                line -> line.text().contains("<") || line.text().contains("«"));
        if (!mayHaveOne) {
            return zone;
        }
        try {
            List<Found> again = page.picture().isPresent()
                    ? ZoneReader.read(
                            Ocr.zoneLines(page.picture().get(), lines.getFirst().page()), on)
                    : List.of();
            return again.isEmpty() ? ZoneReader.partOf(lines) : again;
        } catch (Ocr.Unreadable e) {
            return ZoneReader.partOf(lines);
        }
    }

    private static ShownValue asRead(Found found) {
        Line line = found.line();
        return new ShownValue(
                found.field(), line.page(), found.value(), found.value(), line.place(), ShownValue.State.READ, "");
    }
}
