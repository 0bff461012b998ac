package org.civitane.core.casefile;

/** Kinds of income (rulebook 0.2). */
public enum IncomeKind {
    WAGES,
    SELF_EMPLOYMENT,
    UNEMPLOYMENT_BENEFIT,
    PENSION,
    DISABILITY_PENSION,
    CHILD_SUPPORT,
    SPOUSAL_SUPPORT,
    RENTAL,
    INTEREST_DIVIDENDS,
    CASH_ASSISTANCE,
    FAMILY_SUPPORT,
    OTHER,
    FOSTER_PAYMENT,
    STUDENT_GRANT,
    LOAN,
    FOOD_ASSISTANCE;

    /** Whether lines of this kind count at all. */
    public boolean counts() {
        return switch (this) {
            case FOSTER_PAYMENT, STUDENT_GRANT, LOAN, FOOD_ASSISTANCE -> false;
            default -> true;
        };
    }

    /** Whether this is earned income. */
    public boolean isEarned() {
        return this == WAGES || this == SELF_EMPLOYMENT;
    }
}
