package org.civitane.core.person;

/**
 * A person number: 11 digits, the last an ISO/IEC 7064 MOD 11,10 check digit (rulebook 0.5).
 *
 * @param digits the 11 digits without spaces
 */
public record PersonNumber(String digits) {
    private static final int LENGTH = 11;

    /** @throws IllegalArgumentException when the length or the check digit is wrong */
    public PersonNumber {
        if (!isValid(digits)) {
            throw new IllegalArgumentException("A person number has 11 digits, the last of which checks the others.");
        }
    }

    /** Whether the text is 11 digits with a right check digit. */
    public static boolean isValid(String text) {
        return text.length() == LENGTH
                && text.chars().allMatch(c -> c >= '0' && c <= '9')
                && checkDigit(text.substring(0, LENGTH - 1)) == text.charAt(LENGTH - 1) - '0';
    }

    /** The ISO/IEC 7064 MOD 11,10 check digit of a row of digits. */
    public static int checkDigit(String digits) {
        return CheckCharacters.mod11(digits);
    }

    /** As people read it: {@code 1234 567 8903}. */
    public String shown() {
        return digits.substring(0, 4) + " " + digits.substring(4, 7) + " " + digits.substring(7);
    }
}
