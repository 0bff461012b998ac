package org.civitane.core.person;

/** Check characters of numbers that people copy. */
public final class CheckCharacters {
    private static final String SIGNS = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ";
    private static final int[] WEIGHTS = {7, 3, 1};
    private static final int TEN = 10;

    private CheckCharacters() {}

    /** ISO/IEC 7064 MOD 11,10 over digits 0 to 9. */
    public static int mod11(String digits) {
        return hybrid(digits, TEN);
    }

    /** ISO/IEC 7064 MOD 37,36 over digits 0 to 9 and letters A to Z. */
    public static char mod37(String signs) {
        return SIGNS.charAt(hybrid(signs, SIGNS.length()));
    }

    /** The hybrid system of a number of signs: the remainder that the check character stands for. */
    private static int hybrid(String signs, int modulus) {
        int product = modulus;
        for (int i = 0; i < signs.length(); i++) {
            int sum = (product + valueOf(signs.charAt(i))) % modulus;
            product = 2 * (sum == 0 ? modulus : sum) % (modulus + 1);
        }
        return (modulus + 1 - product) % modulus;
    }

    /** The last digit of the sum of signs weighted 7, 3, 1 in turn; any sign that is neither digit nor letter is nothing. */
    public static int weighted731(String signs) {
        int sum = 0;
        for (int i = 0; i < signs.length(); i++) {
            sum += Math.max(0, valueOf(signs.charAt(i))) * WEIGHTS[i % WEIGHTS.length];
        }
        return sum % TEN;
    }

    private static int valueOf(char sign) {
        return SIGNS.indexOf(sign);
    }
}
