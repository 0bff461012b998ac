package org.civitane.exchange.verification;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.fault.Fault;
import org.civitane.core.identity.Claimed;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.identity.IdentityDocument;
import org.civitane.core.identity.RegisterAnswer;
import org.civitane.core.person.Address;
import org.civitane.exchange.binding.MayBeNull;

/**
 * What an identity check is given, as it stands in JSON.
 *
 * @param register null, or not given, when the register has no such person or was not asked
 */
public record IdentityInput(
        Claimed claimed,
        @MayBeNull Optional<Register> register,
        List<IdentityDocument> documents,
        Optional<Boolean> filedByClaimant,
        LocalDate on) {
    /** The civil register's answer: {@code unavailable}, or the person it has. */
    public record Register(
            boolean unavailable,
            Optional<String> givenName,
            Optional<String> familyName,
            List<String> previousNames,
            Optional<LocalDate> dateOfBirth,
            Optional<String> personNumber,
            Optional<Address> address,
            Optional<LocalDate> deceasedOn) {
        /** @throws InvalidFact when the register answered and a name or the date of birth is not given */
        public Register {
            if (!unavailable) {
                require("givenName", givenName);
                require("familyName", familyName);
                require("dateOfBirth", dateOfBirth);
            }
        }

        private RegisterAnswer answer() {
            return unavailable
                    ? new RegisterAnswer.Unavailable()
                    : new RegisterAnswer.Entry(
                            givenName.orElseThrow(),
                            familyName.orElseThrow(),
                            previousNames,
                            dateOfBirth.orElseThrow(),
                            personNumber,
                            address,
                            deceasedOn);
        }

        private static void require(String field, Optional<?> given) {
            if (given.isEmpty()) {
                throw new InvalidFact("/" + field, Fault.of("must-be-given", field));
            }
        }
    }

    IdentityCheck check() {
        RegisterAnswer answer = register.map(Register::answer).orElseGet(RegisterAnswer.Nobody::new);
        return new IdentityCheck(claimed, answer, documents, filedByClaimant, on);
    }
}
