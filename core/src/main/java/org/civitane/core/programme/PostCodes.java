package org.civitane.core.programme;

/** Post codes of four digits (rulebook 0.5). */
public final class PostCodes {
    private static final int DIGITS = 4;

    private PostCodes() {}

    /** Whether a text is exactly four digits, from one post code to another, both included. */
    public static boolean isWithin(String text, int first, int last) {
        if (text.length() != DIGITS || !text.chars().allMatch(sign -> sign >= '0' && sign <= '9')) {
            return false;
        }
        int number = Integer.parseInt(text);
        return number >= first && number <= last;
    }
}
