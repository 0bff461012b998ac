package org.civitane.server.platform;

import java.security.SecureRandom;
import java.util.Locale;
import java.util.Optional;

/** A number that nobody can guess and people can type: sixteen signs in four groups, 80 bits that say nothing of anybody. */
public final class UnguessableNumber {
    /** No sign that can be taken for another. */
    private static final String SIGNS = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";

    private static final int LENGTH = 16;
    private static final int GROUP = 4;
    private static final SecureRandom RANDOM = new SecureRandom();

    private UnguessableNumber() {}

    public static String next() {
        StringBuilder number = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            if (i > 0 && i % GROUP == 0) {
                number.append('-');
            }
            number.append(SIGNS.charAt(RANDOM.nextInt(SIGNS.length())));
        }
        return number.toString();
    }

    /** A number as someone typed it: in any case, with blanks or without groups, O for 0 and I or L for 1. */
    public static Optional<String> typed(String text) {
        String bare = text.toUpperCase(Locale.ROOT)
                .replaceAll("[\\s-]", "")
                .replace('O', '0')
                .replace('I', '1')
                .replace('L', '1');
        return bare.length() == LENGTH && bare.chars().allMatch(sign -> SIGNS.indexOf(sign) >= 0)
                ? Optional.of(bare.replaceAll("(.{4})(?=.)", "$1-"))
                : Optional.empty();
    }
}
