package org.civitane.core.casefile;

/** Kinds of regular expenses (rulebook, chapter food assistance); each chapter says which count. */
public enum ExpenseKind {
    RENT,
    MORTGAGE,
    PROPERTY_TAX,
    HOME_INSURANCE,
    DEPENDANT_CARE,
    MEDICAL,
    SUPPORT_PAID
}
