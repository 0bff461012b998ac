package org.civitane.core.programme.schoolmeals;

import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.fault.Fault;

/**
 * Where a member goes to school.
 *
 * @param year the school year they are in, 0 or more
 */
public record Pupil(String school, int year) {
    /** @throws InvalidFact when the year is below 0 */
    public Pupil {
        if (year < 0) {
            throw new InvalidFact("/year", Fault.of("school-year"));
        }
    }
}
