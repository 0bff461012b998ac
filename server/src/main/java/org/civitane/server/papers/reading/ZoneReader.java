package org.civitane.server.papers.reading;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.civitane.core.person.MachineReadableZone;

/** Finds a machine-readable zone among the lines of one page. */
public final class ZoneReader {
    private static final int TD3 = 44;
    private static final int TD1 = 30;
    /** Spaces, and signs that dust and the edges of letters make. */
    private static final Pattern NOISE = Pattern.compile("[ .,()'’_-]");

    private static final Pattern PART = Pattern.compile("(?=.*<<)[A-Z0-9<]{20,44}");
    private static final Pattern TRAILING = Pattern.compile("^(.*?[^<])(<*)$");

    private ZoneReader() {}

    /** Name, date of birth, expiry and the lines themselves; nothing where no lines make a zone. */
    public static List<Found> read(List<Line> lines, LocalDate on) {
        for (int at = 0; at < lines.size(); at++) {
            Optional<List<Found>> found = at(lines, at, 2, TD3, on);
            if (found.isEmpty()) {
                found = at(lines, at, 3, TD1, on);
            }
            if (found.isPresent()) {
                return found.get();
            }
        }
        return List.of();
    }

    /** The lines of a zone that is no whole one: cut off, or not to be read without a fault. */
    public static List<Found> partOf(List<Line> lines) {
        List<Line> some = lines.stream()
                .filter(line -> PART.matcher(plain(line)).matches())
                .toList();
        return some.isEmpty()
                ? List.of()
                : List.of(new Found(
                        "mrz",
                        some.stream().map(ZoneReader::plain).collect(Collectors.joining("\n")),
                        some.getFirst()));
    }

    private static String plain(Line line) {
        return NOISE.matcher(line.text().replace("«", "<<")).replaceAll("");
    }

    private static Optional<List<Found>> at(List<Line> lines, int at, int count, int length, LocalDate on) {
        if (at + count > lines.size()) {
            return Optional.empty();
        }
        List<Line> some = lines.subList(at, at + count);
        List<String> zoneLines = ZoneLetters.mended(
                some.stream().map(line -> fitted(plain(line), length)).toList());
        boolean looksLikeOne = zoneLines.stream().allMatch(line -> line.contains("<"));
        return looksLikeOne
                ? MachineReadableZone.read(zoneLines).map(zone -> found(zone, zoneLines, some, on))
                : Optional.empty();
    }

    private static List<Found> found(MachineReadableZone zone, List<String> zoneLines, List<Line> lines, LocalDate on) {
        Line nameLine = zoneLines.size() == 2 ? lines.getFirst() : lines.getLast();
        Line dateLine = lines.get(1);
        List<Found> found = new ArrayList<>();
        found.add(new Found("name", spoken(zone.nameField()), nameLine));
        zone.dateOfBirth(on).ifPresent(day -> found.add(new Found("dateOfBirth", day.toString(), dateLine)));
        zone.expiresOn().ifPresent(day -> found.add(new Found("expiresOn", day.toString(), dateLine)));
        found.add(new Found("mrz", String.join("\n", zoneLines), lines.getFirst()));
        return found;
    }

    /** {@code OSTBY<<RUNA<<<<} is {@code RUNA OSTBY}. */
    private static String spoken(String nameField) {
        String[] parts = nameField.replaceAll("<+$", "").split("<<", 2);
        String family = parts[0].replace('<', ' ').strip();
        String given = parts.length > 1 ? parts[1].replace('<', ' ').strip() : "";
        return (given + " " + family).strip();
    }

    /** A long run of fillers is easily miscounted; at the end of a line its length is known all the same. */
    private static String fitted(String text, int length) {
        Matcher matcher = TRAILING.matcher(text);
        if (text.length() == length || !matcher.matches() || matcher.group(2).length() < 2) {
            return text;
        }
        String said = matcher.group(1);
        return said.length() > length ? text : said + "<".repeat(length - said.length());
    }
}
