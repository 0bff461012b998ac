package org.civitane.core.policy;

import java.time.LocalDate;

/** A day lies before the first version of a policy table. */
public final class NoPolicyInForce extends RuntimeException {
    private final String table;
    private final transient LocalDate day;

    NoPolicyInForce(String table, LocalDate day) {
        super("No version of the policy table \"" + table + "\" is in force on " + day + ".");
        this.table = table;
        this.day = day;
    }

    public String table() {
        return table;
    }

    public LocalDate day() {
        return day;
    }
}
