package org.civitane.server.contact;

import com.fasterxml.jackson.annotation.JsonIgnore;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * Where one person of a claim can be reached, and how they may be. A text that is empty was not given.
 *
 * @param abroad an address abroad, as it is written on an envelope, on lines
 * @param personNumber 11 digits, as given
 * @param mayLetter whether letters may go to the address
 * @param safeName by which name to ask for them
 * @param safeTime when they can be called or written to safely
 * @param language in which they would rather be spoken to: {@code en}, {@code pt} or {@code ar}
 */
public record Contact(
        @NotNull @Size(max = 120) String street,
        @NotNull @Size(max = 20) String houseNumber,
        @NotNull @Size(max = 4) String postCode,
        @NotNull @Size(max = 300) String abroad,
        @NotNull @Size(max = 11) String personNumber,
        @NotNull @Size(max = 180) String email,
        @NotNull @Size(max = 20) String phone,
        boolean mayLetter,
        boolean mayEmail,
        boolean mayText,
        boolean mayCall,
        @NotNull @Size(max = 80) String safeName,
        @NotNull @Size(max = 80) String safeTime,
        @NotNull @Size(max = 2) String language) {
    private static final String OURS = "en";

    /** Nothing is known, and nothing was ruled out. */
    public static final Contact UNKNOWN = new Contact("", "", "", "", "", "", "", true, true, true, true, "", "", "");

    /** Whether they asked for care: a channel ruled out, a safe name or time, or another language. */
    @JsonIgnore
    public boolean isMarked() {
        return !mayLetter
                || !mayEmail
                || !mayText
                || !mayCall
                || !safeName.isEmpty()
                || !safeTime.isEmpty()
                || speaksAnother();
    }

    /** Whether they would rather be spoken to in another language than ours. */
    @JsonIgnore
    public boolean speaksAnother() {
        return !language.isEmpty() && !language.equals(OURS);
    }

    /** Whether they allow any way to reach them outside. */
    @JsonIgnore
    public boolean mayBeReached() {
        return mayLetter || mayEmail || mayText || mayCall;
    }

    /** The same person, to whom letters go and nothing else. */
    Contact byLetterAlone() {
        return new Contact(
                street,
                houseNumber,
                postCode,
                abroad,
                personNumber,
                email,
                phone,
                true,
                false,
                false,
                mayCall,
                safeName,
                safeTime,
                language);
    }

    /** Whether anything of an address was given. */
    public boolean hasAddress() {
        return !street.isEmpty() && !postCode.isEmpty();
    }
}
