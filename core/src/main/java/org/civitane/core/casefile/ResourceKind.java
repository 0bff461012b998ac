package org.civitane.core.casefile;

/** Kinds of what a household owns (rulebook, chapter food assistance); each chapter says which count. */
public enum ResourceKind {
    CASH,
    BANK,
    INVESTMENT,
    RETIREMENT,
    HOME,
    VEHICLE,
    OTHER_PROPERTY
}
