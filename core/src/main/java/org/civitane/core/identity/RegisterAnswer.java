package org.civitane.core.identity;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.person.Address;
import org.civitane.core.person.PersonName;

/** What the civil register answered. */
public sealed interface RegisterAnswer {
    /** It has no such person, or was not asked. */
    record Nobody() implements RegisterAnswer {}

    /** It did not answer. */
    record Unavailable() implements RegisterAnswer {}

    /**
     * The person it has.
     *
     * @param previousNames full names they had before
     */
    record Entry(
            String givenName,
            String familyName,
            List<String> previousNames,
            LocalDate dateOfBirth,
            Optional<String> personNumber,
            Optional<Address> address,
            Optional<LocalDate> deceasedOn)
            implements RegisterAnswer {
        public Entry {
            previousNames = List.copyOf(previousNames);
        }

        String name() {
            return new PersonName(givenName, familyName).full();
        }
    }

    /** The person, when the register has one. */
    default Optional<Entry> entry() {
        return this instanceof Entry entry ? Optional.of(entry) : Optional.empty();
    }
}
