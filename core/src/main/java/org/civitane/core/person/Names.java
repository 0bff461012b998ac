package org.civitane.core.person;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.apache.commons.text.similarity.JaroWinklerSimilarity;

/** Comparing names (rulebook 0.6). */
public final class Names {
    private static final double NEAR_FROM = 0.92;
    private static final Pattern NOT_A_LETTER = Pattern.compile("[^A-Z]+");
    private static final JaroWinklerSimilarity SIMILARITY = new JaroWinklerSimilarity();

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
        String decomposed = Normalizer.normalize(name, Normalizer.Form.NFD);
        StringBuilder spelled = new StringBuilder(decomposed.length() + 4);
        decomposed.codePoints().forEach(point -> appendSpelledOut(spelled, point));
        return NOT_A_LETTER
                .matcher(spelled.toString().toUpperCase(Locale.ROOT))
                .replaceAll(" ")
                .strip();
    }

    /** The words of the normalised name, in their order. */
    public static List<String> tokens(String name) {
        String normalised = normalise(name);
        return normalised.isEmpty() ? List.of() : Arrays.asList(normalised.split(" "));
    }

    /** Compares two full names; the order of words does not matter. */
    public static Verdict compare(String one, String other) {
        if (one.equals(other) && isPlain(one) && !one.isEmpty()) {
            return Verdict.MATCH;
        }
        List<String> left = sorted(tokens(one));
        List<String> right = sorted(tokens(other));
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

    private static List<String> sorted(List<String> tokens) {
        List<String> copy = new ArrayList<>(tokens);
        Collections.sort(copy);
        return copy;
    }

    private static boolean isPlain(String name) {
        boolean wordBefore = false;
        for (int i = 0; i < name.length(); i++) {
            char c = name.charAt(i);
            boolean letter = c >= 'A' && c <= 'Z' || c >= 'a' && c <= 'z';
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
