package org.civitane.core.programme.rentarrears;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Relationship;

/**
 * A member of the household, as rent arrears relief asks about them.
 *
 * @param onLease named in the lease; an adult who is must sign
 * @param unemployedSince the first day without work
 */
public record Tenant(
        String id,
        String givenName,
        String familyName,
        LocalDate dateOfBirth,
        Relationship relationship,
        boolean onLease,
        Optional<LocalDate> unemployedSince)
        implements Member {}
