package org.civitane.core.casefile;

import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The last four digits of the signer's person number, or the statement that they have none.
 *
 * @param last4 as given; counts only when it is four digits
 * @param none the signer has no person number
 */
public record SignerNumber(Optional<String> last4, boolean none) {
    private static final Pattern FOUR_DIGITS = Pattern.compile("[0-9]{4}");

    /** Whether one of the two was given as it should be. */
    public boolean isGiven() {
        return none
                || last4.filter(digits -> FOUR_DIGITS.matcher(digits).matches()).isPresent();
    }
}
