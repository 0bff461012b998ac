package org.civitane.core.programme;

/** How far a determination got (rulebook 0.8). */
public enum Status {
    /** Every outcome is final. */
    DETERMINED,
    /** Something listed in {@code missing} is needed first. */
    INCOMPLETE,
    /** Someone outside must act; {@code missing} says who. */
    HOLD,
    /** This programme is the wrong door; the reasons say which is right. */
    REFERRED;

    /** Whether it can be decided on: as it is determined, or that another door is the right one. */
    public boolean isFinal() {
        return this == DETERMINED || this == REFERRED;
    }
}
