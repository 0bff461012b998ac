package org.civitane.core.programme.schoolmeals;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Relationship;

/**
 * A member of the household, as school meals asks about them.
 *
 * @param pupil given for those at school
 * @param awaySince the first day away, for those who do not live there now
 */
public record MealsMember(
        String id,
        String givenName,
        String familyName,
        LocalDate dateOfBirth,
        Relationship relationship,
        Optional<Pupil> pupil,
        boolean foster,
        Optional<LocalDate> awaySince)
        implements Member {
    boolean isPupil() {
        return pupil.isPresent();
    }
}
