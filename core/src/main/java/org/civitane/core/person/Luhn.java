package org.civitane.core.person;

/** The Luhn check digit (ISO/IEC 7812-1, annex B): the last digit of a number. */
public final class Luhn {
    private static final int TEN = 10;
    private static final int NINE = 9;

    private Luhn() {}

    /** Whether the last of some digits 0 to 9 is right. */
    public static boolean isValid(String digits) {
        int sum = 0;
        for (int back = 0; back < digits.length(); back++) {
            int digit = digits.charAt(digits.length() - 1 - back) - '0';
            int counted = back % 2 == 1 ? 2 * digit : digit;
            sum += counted > NINE ? counted - NINE : counted;
        }
        return sum % TEN == 0;
    }
}
