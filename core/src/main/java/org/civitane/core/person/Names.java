package org.civitane.core.person;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;

/** Comparing names (rulebook 0.6). */
public final class Names {
    private static final double NEAR_FROM = 0.92;
    private static final JaroWinklerSimilarity SIMILARITY = new JaroWinklerSimilarity();
    /** Latin letters with and without marks, each spelled out once; what comes after them is spelled out each time. */
    private static final String[] LATIN = IntStream.range(0, 0x250)
            .mapToObj(c -> spelledOutAnew(Character.toString(c)))
            .toArray(String[]::new);

    private Names() {}

    /** How two names stand to each other. */
    public enum Verdict {
        MATCH,
        NEAR,
        CONFLICT,
        ABSENT
    }

    /** The name in capital letters A–Z with single spaces between its words; empty when nothing of it is left. */
    public static String normalise(String name) {
        if (isPlain(name)) {
            return name.toUpperCase(Locale.ROOT);
        }
        String spelled = isAscii(name) ? name : spelledOut(name);
        StringBuilder words = new StringBuilder(spelled.length());
        boolean between = false;
        for (int i = 0; i < spelled.length(); i++) {
            char c = spelled.charAt(i);
            if (isLetter(c)) {
                if (between) {
                    words.append(' ');
                    between = false;
                }
                words.append(Character.toUpperCase(c));
            } else {
                between = !words.isEmpty();
            }
        }
        return words.toString();
    }

    /** In capitals, with letters of their own kind spelled out and marks left away. */
    private static String spelledOut(String name) {
        StringBuilder spelled = new StringBuilder(name.length() + 4);
        for (int i = 0; i < name.length(); i++) {
            char c = name.charAt(i);
            if (c >= LATIN.length) {
                return spelledOutAnew(name);
            }
            spelled.append(LATIN[c]);
        }
        return spelled.toString();
    }

    private static String spelledOutAnew(String name) {
        String decomposed = Normalizer.normalize(name, Normalizer.Form.NFD);
        StringBuilder spelled = new StringBuilder(decomposed.length() + 4);
        for (int i = 0; i < decomposed.length(); ) {
            int point = decomposed.codePointAt(i);
            appendSpelledOut(spelled, point);
            i += Character.charCount(point);
        }
        return spelled.toString().toUpperCase(Locale.ROOT);
    }

    /** The words of the normalised name, in their order. */
    public static List<String> tokens(String name) {
        String normalised = normalise(name);
        List<String> words = new ArrayList<>(4);
        int from = 0;
        for (int blank = normalised.indexOf(' '); blank >= 0; blank = normalised.indexOf(' ', from)) {
            words.add(normalised.substring(from, blank));
            from = blank + 1;
        }
        if (from < normalised.length()) {
            words.add(normalised.substring(from));
        }
        return words;
    }

    /** Compares two full names; the order of words does not matter. */
    public static Verdict compare(String one, String other) {
        if (one.equals(other) && hasPlainLetter(one)) {
            return Verdict.MATCH;
        }
        List<String> left = tokens(one);
        List<String> right = tokens(other);
        Collections.sort(left);
        Collections.sort(right);
        if (left.isEmpty() || right.isEmpty()) {
            return Verdict.ABSENT;
        }
        if (left.equals(right)) {
            return Verdict.MATCH;
        }
        boolean near = sharesAllOfTheShorter(left, right)
                || similarity(String.join(" ", left), String.join(" ", right)) >= NEAR_FROM;
        return near ? Verdict.NEAR : Verdict.CONFLICT;
    }

    /** The Jaro–Winkler similarity, 0 to 1, of two texts as they stand. */
    public static double similarity(String one, String other) {
        return SIMILARITY.apply(one, other);
    }

    private static boolean sharesAllOfTheShorter(List<String> left, List<String> right) {
        List<String> shorter = left.size() <= right.size() ? left : right;
        List<String> rest = new ArrayList<>(shorter == left ? right : left);
        return shorter.size() >= 2 && shorter.stream().allMatch(rest::remove);
    }

    /** Whether a word is sure to be left of a name when it is normalised. */
    private static boolean hasPlainLetter(String name) {
        for (int i = 0; i < name.length(); i++) {
            if (isLetter(name.charAt(i))) {
                return true;
            }
        }
        return false;
    }

    private static boolean isLetter(char c) {
        return c >= 'A' && c <= 'Z' || c >= 'a' && c <= 'z';
    }

    private static boolean isAscii(String name) {
        for (int i = 0; i < name.length(); i++) {
            if (name.charAt(i) >= 0x80) {
                return false;
            }
        }
        return true;
    }

    private static boolean isPlain(String name) {
        boolean wordBefore = false;
        for (int i = 0; i < name.length(); i++) {
            char c = name.charAt(i);
            boolean letter = isLetter(c);
            if (!letter && (c != ' ' || !wordBefore)) {
                return false;
            }
            wordBefore = letter;
        }
        return wordBefore || name.isEmpty();
    }

    private static void appendSpelledOut(StringBuilder out, int point) {
        switch (point) {
            case 'ß', 'ẞ' -> out.append("SS");
            case 'Æ', 'æ' -> out.append("AE");
            case 'Œ', 'œ', 'Ø', 'ø' -> out.append("OE");
            case 'Ð', 'ð', 'Đ', 'đ' -> out.append('D');
            case 'Þ', 'þ' -> out.append("TH");
            case 'Ł', 'ł' -> out.append('L');
            case 'ı' -> out.append('I');
            default -> {
                if (!isMark(point)) {
                    out.appendCodePoint(point);
                }
            }
        }
    }

    private static boolean isMark(int point) {
        return switch (Character.getType(point)) {
            case Character.NON_SPACING_MARK, Character.COMBINING_SPACING_MARK, Character.ENCLOSING_MARK -> true;
            default -> false;
        };
    }
}
