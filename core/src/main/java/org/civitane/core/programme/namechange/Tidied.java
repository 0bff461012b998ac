package org.civitane.core.programme.namechange;

import java.lang.Character.UnicodeScript;
import java.text.Normalizer;
import java.util.EnumSet;
import java.util.Set;
import java.util.regex.Pattern;

/** One part of a name as it would be registered, in its own letters and case (chapter, The name). */
record Tidied(String text) {
    private static final Pattern HYPHENS = Pattern.compile("[\u2010\u2011]");
    private static final Pattern APOSTROPHES = Pattern.compile("[\u2018\u2019\u02bc]");
    private static final Pattern SPACES = Pattern.compile("\\p{IsWhite_Space}+");
    private static final int FEWEST_LETTERS = 2;
    private static final int MOST_LETTERS = 60;
    private static final int MOST_MARKS = 3;

    /** What can be wrong with it. */
    enum Fault {
        CHARACTER,
        LENGTH,
        MARK,
        SCRIPT,
        SEPARATOR
    }

    static Tidied of(String typed) {
        String text = Normalizer.normalize(typed, Normalizer.Form.NFC);
        text = HYPHENS.matcher(text).replaceAll("-");
        text = APOSTROPHES.matcher(text).replaceAll("'");
        text = SPACES.matcher(text).replaceAll(" ");
        int from = text.startsWith(" ") ? 1 : 0;
        int to = text.length() > from && text.endsWith(" ") ? text.length() - 1 : text.length();
        return new Tidied(text.substring(from, to));
    }

    /** All faults that apply. */
    Set<Fault> faults() {
        Set<Fault> faults = EnumSet.noneOf(Fault.class);
        int[] points = text.codePoints().toArray();
        int letters = 0;
        int marks = 0;
        boolean latin = false;
        boolean other = false;
        for (int i = 0; i < points.length; i++) {
            int point = points[i];
            marks = isMark(point) ? marks + 1 : 0;
            if (isLetter(point)) {
                letters++;
                latin |= UnicodeScript.of(point) == UnicodeScript.LATIN;
                other |= isOfAnother(point);
            } else if (isMark(point)) {
                boolean carried = i > 0 && isLetterOrMark(points[i - 1]);
                add(!carried || marks > MOST_MARKS, Fault.MARK, faults);
            } else if (isSeparator(point)) {
                add(!isWellPlaced(points, i), Fault.SEPARATOR, faults);
            } else {
                faults.add(Fault.CHARACTER);
            }
        }
        add(letters < FEWEST_LETTERS || letters > MOST_LETTERS, Fault.LENGTH, faults);
        add(latin && other, Fault.SCRIPT, faults);
        return faults;
    }

    private static void add(boolean applies, Fault fault, Set<Fault> faults) {
        if (applies) {
            faults.add(fault);
        }
    }

    private static boolean isWellPlaced(int[] points, int i) {
        boolean beforeLetter = i + 1 < points.length && isLetter(points[i + 1]);
        if (points[i] == '\'') {
            return beforeLetter;
        }
        boolean beforeApostrophe = i + 1 < points.length && points[i + 1] == '\'';
        return i > 0 && isLetterOrMark(points[i - 1]) && (beforeLetter || beforeApostrophe);
    }

    private static boolean isSeparator(int point) {
        return point == ' ' || point == '-' || point == '\'';
    }

    private static boolean isLetter(int point) {
        return Character.isLetter(point);
    }

    private static boolean isMark(int point) {
        int type = Character.getType(point);
        return type == Character.NON_SPACING_MARK || type == Character.COMBINING_SPACING_MARK;
    }

    private static boolean isLetterOrMark(int point) {
        return isLetter(point) || isMark(point);
    }

    private static boolean isOfAnother(int point) {
        return switch (UnicodeScript.of(point)) {
            case LATIN, COMMON, INHERITED -> false;
            default -> true;
        };
    }
}
