package org.civitane.core.person;

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
