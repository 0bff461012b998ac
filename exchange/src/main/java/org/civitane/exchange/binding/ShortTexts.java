package org.civitane.exchange.binding;

/**
 * Ids are short and much alike, and rules compare them all the time: of equal short texts one object is used wherever
 * they come from, so that a thousand case files hold {@code m1} once and comparing it seldom looks at its letters.
 */
final class ShortTexts {
    private static final int MOST_LETTERS = 4;
    private static final int PLACES = 1024;
    /** Written and read without a lock: at worst another equal object is handed out. */
    private static final String[] KNOWN = new String[PLACES];

    private ShortTexts() {}

    /** A text equal to this one. */
    static String one(String text) {
        if (text.length() > MOST_LETTERS) {
            return text;
        }
        int place = text.hashCode() & PLACES - 1;
        String known = KNOWN[place];
        if (text.equals(known)) {
            return known;
        }
        KNOWN[place] = text;
        return text;
    }
}
