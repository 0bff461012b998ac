package org.civitane.core.programme.payerregistration;

import java.util.Locale;
import java.util.regex.Pattern;
import org.civitane.core.person.CheckCharacters;

/** The number of a payer: {@code P}, eight digits, one check character (chapter, Payer number). */
final class PayerNumber {
    private static final Pattern FORM = Pattern.compile("P[0-9]{8}[0-9A-Z]");
    private static final int CHECKED = 9;

    private PayerNumber() {}

    /** A number as it is read and compared: without blanks, hyphens and full stops, with A to Z for a to z. */
    static String read(String text) {
        StringBuilder bare = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            char sign = text.charAt(i);
            if (sign != ' ' && sign != '-' && sign != '.') {
                bare.append(sign >= 'a' && sign <= 'z' ? (char) (sign - 'a' + 'A') : sign);
            }
        }
        return bare.toString();
    }

    /** Whether what was read is one, with its check character right. */
    static boolean isRight(String read) {
        return FORM.matcher(read).matches()
                && CheckCharacters.mod37(read.substring(0, CHECKED)) == read.charAt(CHECKED);
    }

    /** The number of a serial, 1 to 99,999,999. */
    static String ofSerial(int serial) {
        String checked = String.format(Locale.ROOT, "P%08d", serial);
        return checked + CheckCharacters.mod37(checked);
    }
}
