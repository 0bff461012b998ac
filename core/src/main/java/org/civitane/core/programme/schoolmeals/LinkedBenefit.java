package org.civitane.core.programme.schoolmeals;

import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.WordOf;

/**
 * Food or cash assistance that a member gets.
 *
 * @param confirmed whether the benefit register knows the case number as active
 */
public record LinkedBenefit(
        Kind kind,
        String caseNumber,
        @WordOf(SaidBy.REGISTER) boolean confirmed) {
    /** The benefits that can be linked. */
    public enum Kind {
        FOOD_ASSISTANCE,
        CASH_ASSISTANCE
    }
}
