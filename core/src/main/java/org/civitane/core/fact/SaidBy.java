package org.civitane.core.fact;

/** Whose word a fact is, and so who may write it and who is asked for it. */
public enum SaidBy {
    APPLICANT,
    /** Another adult of the household, who signs for themselves. */
    CO_SIGNER,
    /** Someone outside the household: a landlord, an employer, a provider. */
    THIRD_PARTY,
    REGISTER,
    /** This office: what it finds, decides, notes and counts. */
    AGENCY
}
