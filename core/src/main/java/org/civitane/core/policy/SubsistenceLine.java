package org.civitane.core.policy;

import org.civitane.core.amount.Money;

/**
 * The subsistence line, EUR a year by household size (rulebook 0.4).
 *
 * @param first for one person
 * @param further for each further person
 */
public record SubsistenceLine(Money first, Money further) {
    public static final String TABLE = "subsistence-line";

    /** Reads the table's version. */
    public static SubsistenceLine of(PolicyVersion version) {
        return version.view(SubsistenceLine.class, v -> new SubsistenceLine(v.money("first"), v.money("further")));
    }

    /** The line for a household of {@code size}, at least 1, people. */
    public Money forSize(int size) {
        return first.plus(further.times(size - 1L));
    }
}
