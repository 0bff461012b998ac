package org.civitane.core.person;

import java.math.BigInteger;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.apache.commons.validator.routines.IBANValidator;

/** Bank account numbers per ISO 13616 (rulebook 0.5). */
public final class Iban {
    private static final Pattern HALVERNS = Pattern.compile("XH[0-9]{18}");
    /** The letters X and H as numbers. */
    private static final String HALVERN = "3317";

    private static final BigInteger NINETY_SEVEN = BigInteger.valueOf(97);
    private static final int HALVERN_LENGTH = 20;
    private static final IBANValidator VALIDATOR = validator();

    private Iban() {}

    /**
     * Whether a text is an IBAN of a country that has them, with its length, its characters and its check digits right.
     *
     * @param text without spaces; Halvern's own begin with {@code XH} and have 18 digits
     */
    public static boolean isValid(String text) {
        return VALIDATOR.isValid(text);
    }

    /** Whether a text is exactly {@code XH} and 18 digits that leave 1 when 97 divides them as ISO 13616 has it. */
    public static boolean isHalverns(String text) {
        if (!HALVERNS.matcher(text).matches()) {
            return false;
        }
        String turned = text.substring(4) + HALVERN + text.substring(2, 4);
        return new BigInteger(turned).mod(NINETY_SEVEN).equals(BigInteger.ONE);
    }

    /**
     * A number as people type it, with blanks and small letters where they like, as it is kept; empty when it is none that
     * is {@linkplain #isValid valid}.
     */
    public static Optional<String> typed(String text) {
        return Optional.of(text.replaceAll("\\s", "").toUpperCase(Locale.ROOT)).filter(Iban::isValid);
    }

    /** As people read it: in groups of four. */
    public static String shown(String iban) {
        return iban.replaceAll("(.{4})(?=.)", "$1 ");
    }

    private static IBANValidator validator() {
        IBANValidator validator = new IBANValidator();
        validator.setValidator("XH", HALVERN_LENGTH, "XH\\d{18}");
        return validator;
    }
}
