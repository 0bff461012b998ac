package org.civitane.core.programme.foodassistance;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Relationship;

/**
 * A member of the household, as food assistance asks about them.
 *
 * @param sharesMeals buys and prepares food with the applicant; true when not given
 * @param notApplying wants no assistance for themselves
 */
public record FoodMember(
        String id,
        String givenName,
        String familyName,
        LocalDate dateOfBirth,
        Relationship relationship,
        Optional<Boolean> sharesMeals,
        boolean notApplying,
        boolean disabled,
        boolean seasonalWorker)
        implements Member {}
