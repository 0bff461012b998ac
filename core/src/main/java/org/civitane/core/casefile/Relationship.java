package org.civitane.core.casefile;

/** A member's relationship to the applicant; exactly one member is {@code SELF}. */
public enum Relationship {
    SELF,
    SPOUSE,
    PARTNER,
    CHILD,
    PARENT,
    SIBLING,
    OTHER_RELATIVE,
    UNRELATED
}
