package org.civitane.core.programme.housinglist;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.fault.Fault;

/**
 * A member of a household that looks for a home.
 *
 * @param liveInCarer whether they live there to care for someone; then they are not of the household
 * @param expecting the due date of a child
 */
public record HousingMember(
        String id,
        String givenName,
        String familyName,
        LocalDate dateOfBirth,
        Relationship relationship,
        boolean liveInCarer,
        boolean student,
        boolean disabled,
        Optional<LocalDate> expecting,
        Optional<Sex> sex)
        implements Member {
    /** By which children share a room. */
    public enum Sex {
        F,
        M,
        X
    }

    /** @throws InvalidFact when the applicant, a spouse or a partner is the carer */
    public HousingMember {
        if (liveInCarer && (relationship == Relationship.SELF || isPartner(relationship))) {
            throw new InvalidFact("/liveInCarer", Fault.of("no-carer"));
        }
    }

    boolean isPartner() {
        return isPartner(relationship);
    }

    private static boolean isPartner(Relationship relationship) {
        return relationship == Relationship.SPOUSE || relationship == Relationship.PARTNER;
    }
}
