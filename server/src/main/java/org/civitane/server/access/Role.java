package org.civitane.server.access;

/** What an account may do. */
public enum Role {
    /** Applies, answers and follows their own claims. */
    APPLICANT,
    /** Sends pictures for one claim of an applicant's, on another device; no account has this. */
    CARRYING,
    /** Gave their password and not yet what comes second; may give that and nothing else; no account has this. */
    HALFWAY,
    /** Works claims. */
    CASEWORKER,
    /** Works claims and hands them over between caseworkers. */
    SUPERVISOR,
    /** Reads everything of staff, changes nothing. */
    AUDITOR;

    public boolean isStaff() {
        return switch (this) {
            case CASEWORKER, SUPERVISOR, AUDITOR -> true;
            case APPLICANT, CARRYING, HALFWAY -> false;
        };
    }

    /** Whether claims can belong to them. */
    public boolean worksClaims() {
        return this == CASEWORKER || this == SUPERVISOR;
    }
}
