package org.civitane.server.access;

/** What an account may do. */
public enum Role {
    /** Applies, answers and follows their own claims. */
    APPLICANT,
    /** Works claims. */
    CASEWORKER,
    /** Works claims and hands them over between caseworkers. */
    SUPERVISOR,
    /** Reads everything of staff, changes nothing. */
    AUDITOR;

    public boolean isStaff() {
        return this != APPLICANT;
    }

    /** Whether claims can belong to them. */
    public boolean worksClaims() {
        return this == CASEWORKER || this == SUPERVISOR;
    }
}
