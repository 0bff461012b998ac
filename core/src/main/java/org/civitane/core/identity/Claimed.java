package org.civitane.core.identity;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.core.person.Address;
import org.civitane.core.person.PersonName;

/**
 * Who a person says they are.
 *
 * @param personNumber as they gave it, right or wrong
 */
public record Claimed(
        String givenName,
        String familyName,
        LocalDate dateOfBirth,
        Optional<String> personNumber,
        Optional<Address> address) {
    String name() {
        return new PersonName(givenName, familyName).full();
    }
}
