package org.civitane.core.programme;

/** What a result means, whatever a chapter calls it. */
public enum Finding {
    GRANTED,
    /** Granted, but less than was asked for. */
    PARTLY,
    REFUSED,
    /** Not this programme's to decide: another door is the right one. */
    REFERRED,
    /** Not decided while something is missing or waited for. */
    OPEN;

    /** Whether whoever asked gets less than they asked for, so that they are told why in a person's words. */
    public boolean needsReason() {
        return this == REFUSED;
    }
}
