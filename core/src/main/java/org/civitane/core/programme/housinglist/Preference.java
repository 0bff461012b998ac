package org.civitane.core.programme.housinglist;

/** Kinds of preference, in the order in which they are listed wherever they are. */
public enum Preference {
    LOCAL(true),
    HOMELESS(false),
    DISPLACED(true),
    OVERCROWDED(false),
    DISABLED(false),
    OVER_65(false),
    FAMILY(false),
    VIOLENCE(true),
    SERVICE(true);

    private final boolean needsPapers;

    Preference(boolean needsPapers) {
        this.needsPapers = needsPapers;
    }

    /** Whether papers have to bear it out; the others follow from the facts. */
    boolean needsPapers() {
        return needsPapers;
    }
}
