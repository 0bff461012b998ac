package org.civitane.core.programme.supportintake;

import java.time.LocalDate;
import java.util.Optional;
import java.util.regex.Pattern;
import org.civitane.core.person.Luhn;
import org.civitane.core.programme.MissingCodes;
import org.civitane.core.programme.supportintake.SupportIntakeCase.Place;

/** What an application still needs (chapter, Incomplete). */
final class Missing {
    private static final Pattern STUDENT = Pattern.compile("S[0-9]{7}");
    private static final Pattern EMAIL = Pattern.compile("[^@\\p{IsWhite_Space}]+@[^@\\p{IsWhite_Space}]+");

    private Missing() {}

    /** @param term the term asked for, where it is one */
    static MissingCodes of(SupportIntakeCase file, Optional<Term> term, LocalDate receivedOn) {
        MissingCodes codes = new MissingCodes();
        codes.require(
                "student-number",
                file.studentNumber()
                        .filter(number -> STUDENT.matcher(number).matches() && Luhn.isValid(number.substring(1)))
                        .isPresent());
        codes.requireGiven("place", file.place());
        codes.requireGiven("site", file.site());
        Optional<String> email = file.email().filter(text -> EMAIL.matcher(text).matches());
        codes.requireGiven("email", email);
        boolean elsewhere = email.isPresent()
                && file.place().isPresent()
                && !isOf(email.get(), file.place().get());
        codes.require("email-domain", !elsewhere);
        codes.require("term", term.filter(each -> each.isOpenOn(receivedOn)).isPresent());
        codes.require("specify", file.kinds().isEmpty() || file.specify().isPresent());
        codes.require("limits", !file.limits().isEmpty() || file.wanted().isPresent());
        return codes;
    }

    private static boolean isOf(String email, Place place) {
        String domain = small(email.substring(email.indexOf('@') + 1));
        return place.domains().stream().anyMatch(each -> small(each).equals(domain));
    }

    /** With A to Z small and all else as it is. */
    private static String small(String text) {
        StringBuilder small = new StringBuilder(text);
        for (int i = 0; i < small.length(); i++) {
            char sign = small.charAt(i);
            if (sign >= 'A' && sign <= 'Z') {
                small.setCharAt(i, (char) (sign + ('a' - 'A')));
            }
        }
        return small.toString();
    }
}
