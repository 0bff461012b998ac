package org.civitane.core.casefile;

import java.time.LocalDate;
import java.util.List;

/** A member of whom a programme asks nothing of its own. */
public record Person(String id, String givenName, String familyName, LocalDate dateOfBirth, Relationship relationship)
        implements Member {
    /** The applicant among them. */
    public static <M extends Member> M applicantOf(List<M> members) {
        for (int i = 0; i < members.size(); i++) {
            if (members.get(i).relationship() == Relationship.SELF) {
                return members.get(i);
            }
        }
        throw new IllegalStateException("Impossible state: a case file without an applicant.");
    }
}
