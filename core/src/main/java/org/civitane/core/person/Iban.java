package org.civitane.core.person;

import java.util.Locale;
import java.util.Optional;
import org.apache.commons.validator.routines.IBANValidator;

/** Bank account numbers per ISO 13616 (rulebook 0.5). */
public final class Iban {
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
