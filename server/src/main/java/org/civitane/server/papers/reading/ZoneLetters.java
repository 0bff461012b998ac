package org.civitane.server.papers.reading;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.civitane.core.person.MachineReadableZone;

/**
 * Mends what is easily misread in a machine-readable zone: where only a digit can stand a letter like it is that digit,
 * and where only a letter can stand the other way round (ICAO 9303). In a document's number, which may hold both, a
 * letter is read as a digit only where its check digit says so.
 */
final class ZoneLetters {
    private static final Map<Character, Character> DIGITS = Map.ofEntries(
            Map.entry('O', '0'),
            Map.entry('Q', '0'),
            Map.entry('D', '0'),
            Map.entry('I', '1'),
            Map.entry('L', '1'),
            Map.entry('Z', '2'),
            Map.entry('S', '5'),
            Map.entry('G', '6'),
            Map.entry('B', '8'));
    private static final Map<Character, Character> LETTERS =
            Map.of('0', 'O', '1', 'I', '2', 'Z', '5', 'S', '6', 'G', '8', 'B');
    /** What stands in each place: {@code d} a digit or filler, {@code l} a letter or filler, {@code x} either. */
    private static final List<String> PASSPORT =
            List.of("l".repeat(44), "x".repeat(9) + "dllldddddddlddddddd" + "x".repeat(14) + "dd");

    private static final List<String> CARD = List.of(
            "lllll" + "x".repeat(9) + "d" + "x".repeat(15),
            "dddddddldddddddlll" + "x".repeat(11) + "d",
            "l".repeat(30));

    private ZoneLetters() {}

    /** The lines of a zone, two or three, mended. */
    static List<String> mended(List<String> lines) {
        boolean isPassport = lines.size() == PASSPORT.size();
        List<String> shape = isPassport ? PASSPORT : CARD;
        int nameLine = isPassport ? 0 : CARD.size() - 1;
        List<String> mended = IntStream.range(0, lines.size())
                .mapToObj(i -> {
                    String line = mended(lines.get(i), shape.get(i));
                    return i == nameLine ? filledUp(line) : line;
                })
                .toList();
        return isNumberRight(mended) ? mended : withDigitsInNumber(mended);
    }

    /** Within a name stand two fillers at most, so where three stand nothing but fillers follows, whatever is read. */
    private static String filledUp(String nameLine) {
        int end = nameLine.indexOf("<<<");
        return end < 0 ? nameLine : nameLine.substring(0, end) + "<".repeat(nameLine.length() - end);
    }

    private static String mended(String line, String shape) {
        StringBuilder mended = new StringBuilder(line);
        for (int i = 0; i < Math.min(line.length(), shape.length()); i++) {
            char c = line.charAt(i);
            switch (shape.charAt(i)) {
                case 'd' -> mended.setCharAt(i, DIGITS.getOrDefault(c, c));
                case 'l' -> mended.setCharAt(i, LETTERS.getOrDefault(c, c));
                default -> mended.setCharAt(i, c);
            }
        }
        return mended.toString();
    }

    private static List<String> withDigitsInNumber(List<String> lines) {
        int line = lines.size() == PASSPORT.size() ? 1 : 0;
        int from = line == 1 ? 0 : 5;
        StringBuilder other = new StringBuilder(lines.get(line));
        for (int i = from; i < Math.min(from + 9, other.length()); i++) {
            char c = other.charAt(i);
            other.setCharAt(i, c == 'O' || c == 'Q' ? '0' : c);
        }
        List<String> tried = IntStream.range(0, lines.size())
                .mapToObj(i -> i == line ? other.toString() : lines.get(i))
                .toList();
        return isNumberRight(tried) ? tried : lines;
    }

    private static boolean isNumberRight(List<String> lines) {
        return MachineReadableZone.read(lines).stream()
                .flatMap(zone -> zone.fields().stream())
                .filter(field -> field.guarded() == MachineReadableZone.Guarded.NUMBER)
                .allMatch(MachineReadableZone.Field::right);
    }
}
