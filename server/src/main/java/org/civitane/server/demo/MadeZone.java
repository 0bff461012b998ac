package org.civitane.server.demo;

import java.text.Normalizer;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import org.civitane.core.person.Names;

/**
 * The machine-readable lines of a made document per ICAO 9303.
 *
 * @param number nine characters
 * @param speltOut whether Å is AA, Ä AE, Ö OE and Ü UE, as most states spell them
 */
record MadeZone(String number, String given, String family, LocalDate born, LocalDate expires, boolean speltOut) {
    private static final DateTimeFormatter SHORT = DateTimeFormatter.ofPattern("yyMMdd");
    private static final int[] WEIGHTS = {7, 3, 1};
    private static final int CARD = 30;
    private static final int BOOK = 44;
    private static final String STATE = "XHV";

    /** The three lines of a card. @param kind its first letter */
    List<String> ofCard(char kind) {
        String first = filled(kind + "<" + STATE + number + digit(number), CARD);
        String birth = SHORT.format(born);
        String expiry = SHORT.format(expires);
        String middle = birth + digit(birth) + "<" + expiry + digit(expiry) + STATE;
        String composite = first.substring(5) + middle.substring(0, 7) + middle.substring(8, 15) + "<".repeat(11);
        return List.of(first, filled(middle, CARD - 1) + digit(composite), name(CARD));
    }

    /** The two lines of a passport. */
    List<String> ofPassport() {
        String birth = SHORT.format(born);
        String expiry = SHORT.format(expires);
        String lower =
                filled(number + digit(number) + STATE + birth + digit(birth) + "<" + expiry + digit(expiry), BOOK - 1);
        String composite = lower.substring(0, 10) + lower.substring(13, 20) + lower.substring(21, 43);
        return List.of("P<" + STATE + name(BOOK - 5), lower + digit(composite));
    }

    /** With one check digit off. */
    static List<String> withWrongDigit(List<String> zone) {
        String line = zone.get(1);
        int last = line.charAt(line.length() - 1) - '0';
        String wrong = line.substring(0, line.length() - 1) + (last + 1) % 10;
        return zone.size() == 2 ? List.of(zone.get(0), wrong) : List.of(zone.get(0), wrong, zone.get(2));
    }

    private String name(int length) {
        return filled(words(family) + "<<" + words(given), length);
    }

    private String words(String name) {
        String composed = Normalizer.normalize(name, Normalizer.Form.NFC);
        String spelt = speltOut
                ? composed.replace("Å", "AA")
                        .replace("å", "aa")
                        .replace("Ä", "AE")
                        .replace("ä", "ae")
                        .replace("Ö", "OE")
                        .replace("ö", "oe")
                        .replace("Ü", "UE")
                        .replace("ü", "ue")
                        .replace("'", "")
                        .replace("’", "")
                : composed;
        return Names.normalise(spelt).replace(' ', '<');
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
