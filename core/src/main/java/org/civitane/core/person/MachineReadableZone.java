package org.civitane.core.person;

import java.text.Normalizer;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.civitane.core.person.Names.Verdict;

/**
 * The machine-readable zone of an identity document per ICAO 9303, as TD3 (two lines of 44) or TD1 (three of 30).
 *
 * @param nameField the field that holds the name, with its fillers
 * @param birth six characters, year, month and day; not always a date
 * @param expiry likewise
 * @param fields every field that a check digit guards, the composite last, in the order of the lines
 */
public record MachineReadableZone(String nameField, String birth, String expiry, List<Field> fields) {
    /** What a check digit guards. */
    public enum Guarded {
        NUMBER,
        BIRTH,
        EXPIRY,
        /** The personal number of a TD3 zone. */
        PERSONAL,
        /** The others taken together. */
        COMPOSITE
    }

    /**
     * A field and its check digit.
     *
     * @param text as it stands there; of the composite all that it is taken over
     * @param right whether the digit is the one that the text asks for
     */
    public record Field(Guarded guarded, String text, char digit, boolean right) {}

    public MachineReadableZone {
        fields = List.copyOf(fields);
    }

    /** Whether every check digit, the composite included, is right. */
    public boolean checkDigitsRight() {
        return fields.stream().allMatch(Field::right);
    }

    private static final Pattern TD3_LINE = Pattern.compile("[A-Z0-9<]{44}");
    private static final Pattern TD1_LINE = Pattern.compile("[A-Z0-9<]{30}");
    private static final Pattern SIX_DIGITS = Pattern.compile("[0-9]{6}");
    private static final char FILLER = '<';
    private static final int TD1_LINES = 3;
    private static final int CENTURY = 100;

    /** Reads the lines; empty when their number, a length or a character is wrong. */
    public static Optional<MachineReadableZone> read(List<String> lines) {
        if (lines.size() == 2 && allMatch(lines, TD3_LINE)) {
            return Optional.of(td3(lines.get(0), lines.get(1)));
        }
        if (lines.size() == TD1_LINES && allMatch(lines, TD1_LINE)) {
            return Optional.of(td1(lines.get(0), lines.get(1), lines.get(2)));
        }
        return Optional.empty();
    }

    /**
     * The date of birth; empty when it is no date.
     *
     * @param on the day of the check: years above its last two digits lie in the 20th century
     */
    public Optional<LocalDate> dateOfBirth(LocalDate on) {
        return date(birth, on.getYear() % CENTURY);
    }

    /** The expiry, in the 21st century; empty when it is no date. */
    public Optional<LocalDate> expiresOn() {
        return date(expiry, CENTURY);
    }

    /**
     * Whether the zone's name is another than {@code name}: a conflict in the rulebook's spelling and in the usual
     * one of such zones (Å as AA, Ö as OE …), and not just cut off at the end of its field.
     */
    public boolean nameDiffersFrom(String name) {
        String own = nameField.replace(FILLER, ' ');
        String spelled = speltOut(name);
        if (Names.compare(own, name) != Verdict.CONFLICT || Names.compare(own, spelled) != Verdict.CONFLICT) {
            return false;
        }
        boolean mayBeCut = nameField.charAt(nameField.length() - 1) != FILLER;
        return !(mayBeCut && (isBeginningOf(own, name) || isBeginningOf(own, spelled)));
    }

    private static MachineReadableZone td3(String upper, String lower) {
        boolean personalNumberEmpty = lower.substring(28, 42).chars().allMatch(c -> c == FILLER);
        Field personal = field(Guarded.PERSONAL, lower.substring(28, 42), lower.charAt(42));
        return new MachineReadableZone(
                upper.substring(5),
                lower.substring(13, 19),
                lower.substring(21, 27),
                List.of(
                        field(Guarded.NUMBER, lower.substring(0, 9), lower.charAt(9)),
                        field(Guarded.BIRTH, lower.substring(13, 19), lower.charAt(19)),
                        field(Guarded.EXPIRY, lower.substring(21, 27), lower.charAt(27)),
                        personalNumberEmpty && lower.charAt(42) == FILLER
                                ? new Field(Guarded.PERSONAL, personal.text(), FILLER, true)
                                : personal,
                        field(
                                Guarded.COMPOSITE,
                                lower.substring(0, 10) + lower.substring(13, 20) + lower.substring(21, 43),
                                lower.charAt(43))));
    }

    private static MachineReadableZone td1(String upper, String middle, String name) {
        String composite =
                upper.substring(5) + middle.substring(0, 7) + middle.substring(8, 15) + middle.substring(18, 29);
        return new MachineReadableZone(
                name,
                middle.substring(0, 6),
                middle.substring(8, 14),
                List.of(
                        number(upper),
                        field(Guarded.BIRTH, middle.substring(0, 6), middle.charAt(6)),
                        field(Guarded.EXPIRY, middle.substring(8, 14), middle.charAt(14)),
                        field(Guarded.COMPOSITE, composite, middle.charAt(29))));
    }

    /** A number of more than nine characters goes on in the optional data, its check digit after it. */
    private static Field number(String upper) {
        String nine = upper.substring(5, 14);
        if (upper.charAt(14) != FILLER) {
            return field(Guarded.NUMBER, nine, upper.charAt(14));
        }
        String optional = upper.substring(15);
        int end = optional.indexOf(FILLER) < 0 ? optional.length() : optional.indexOf(FILLER);
        return end >= 2
                ? field(Guarded.NUMBER, nine + optional.substring(0, end - 1), optional.charAt(end - 1))
                : new Field(Guarded.NUMBER, nine, FILLER, false);
    }

    private static Field field(Guarded guarded, String text, char digit) {
        return new Field(guarded, text, digit, isRight(text, digit));
    }

    private static boolean isRight(String field, char digit) {
        return digit == '0' + CheckCharacters.weighted731(field);
    }

    private static Optional<LocalDate> date(String field, int lastOfThisCentury) {
        if (!SIX_DIGITS.matcher(field).matches()) {
            return Optional.empty();
        }
        int year = Integer.parseInt(field.substring(0, 2));
        try {
            return Optional.of(LocalDate.of(
                    (year > lastOfThisCentury ? 1900 : 2000) + year,
                    Integer.parseInt(field.substring(2, 4)),
                    Integer.parseInt(field.substring(4, 6))));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** Whether all words but the last are words of the name, and the last begins one that is left. */
    private static boolean isBeginningOf(String cut, String name) {
        List<String> words = Names.tokens(cut);
        List<String> left = new ArrayList<>(Names.tokens(name));
        if (words.isEmpty()) {
            return false;
        }
        for (String word : words.subList(0, words.size() - 1)) {
            if (!left.remove(word)) {
                return false;
            }
        }
        return left.stream().anyMatch(word -> word.startsWith(words.getLast()));
    }

    private static String speltOut(String name) {
        String composed = Normalizer.normalize(name, Normalizer.Form.NFC);
        StringBuilder spelled = new StringBuilder(composed.length() + 4);
        for (char c : composed.toCharArray()) {
            switch (c) {
                case 'Å', 'å' -> spelled.append("AA");
                case 'Ä', 'ä' -> spelled.append("AE");
                case 'Ö', 'ö' -> spelled.append("OE");
                case 'Ü', 'ü' -> spelled.append("UE");
                case '\'', '’' -> {}
                default -> spelled.append(c);
            }
        }
        return spelled.toString();
    }

    private static boolean allMatch(List<String> lines, Pattern shape) {
        return lines.stream().allMatch(line -> shape.matcher(line).matches());
    }
}
