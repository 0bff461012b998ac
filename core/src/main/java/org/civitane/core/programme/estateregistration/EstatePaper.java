package org.civitane.core.programme.estateregistration;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.fault.Fault;
import org.civitane.core.identity.IdentityDocument;

/**
 * A paper that was handed in.
 *
 * @param type in the identity chapter's word, with {@code mrz}; read for identity papers alone
 * @param readable true when not given
 */
public record EstatePaper(
        String id,
        Kind paper,
        Optional<String> type,
        Optional<String> name,
        Optional<LocalDate> dateOfBirth,
        Optional<LocalDate> issuedOn,
        Optional<LocalDate> expiresOn,
        Optional<List<String>> mrz,
        Optional<Boolean> readable) {
    /** @throws InvalidFact when it does not say what such a paper says */
    public EstatePaper {
        mrz = mrz.map(List::copyOf);
        if (paper.isOfIdentity() && type.isEmpty()) {
            throw new InvalidFact("/type", Fault.of("must-be-given", "type"));
        }
        if (paper.hasName() && name.isEmpty()) {
            throw new InvalidFact("/name", Fault.of("must-be-given", "name"));
        }
    }

    /** Kinds of paper, in the order in which a case needs them. */
    public enum Kind {
        DEATH_CERTIFICATE,
        REPORTER_IDENTITY,
        WILL,
        KIN_STATEMENT,
        MARRIAGE_CERTIFICATE,
        GUARDIAN_STATEMENT,
        INVENTORY,
        EXECUTOR_IDENTITY,
        EXECUTOR_ACCEPTANCE;

        boolean isOfIdentity() {
            return this == REPORTER_IDENTITY || this == EXECUTOR_IDENTITY;
        }

        private boolean hasName() {
            return isOfIdentity() || this == DEATH_CERTIFICATE || this == WILL || this == EXECUTOR_ACCEPTANCE;
        }

        /** Whether it has to be issued between the death and the report. */
        boolean isDated() {
            return !isOfIdentity() && this != WILL && this != MARRIAGE_CERTIFICATE;
        }
    }

    boolean isReadable() {
        return readable.orElse(true);
    }

    /** An identity paper as the identity chapter looks at it. */
    IdentityDocument asIdentity() {
        return new IdentityDocument(
                id, type.orElseThrow(), name.orElseThrow(), dateOfBirth, issuedOn, expiresOn, mrz, readable);
    }
}
