package org.civitane.core.programme.legalhelp;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.fault.Fault;

/**
 * A member of the household of someone who asks for legal help.
 *
 * @param sharesMoney true when not given
 * @param allegedAbuser whether the applicant says that they harm or threaten them
 */
public record LegalMember(
        String id,
        String givenName,
        String familyName,
        LocalDate dateOfBirth,
        Relationship relationship,
        Optional<Boolean> sharesMoney,
        boolean allegedAbuser)
        implements Member {
    /** @throws InvalidFact when the applicant is the one accused */
    public LegalMember {
        if (allegedAbuser && relationship == Relationship.SELF) {
            throw new InvalidFact("/allegedAbuser", Fault.of("not-the-applicant"));
        }
    }
}
