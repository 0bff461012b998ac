package org.civitane.core.policy;

import java.time.LocalDate;
import java.util.Locale;
import org.civitane.core.fault.Fault;

/** A day lies before the first version of a policy table. */
public final class NoPolicyInForce extends RuntimeException {
    private final String table;
    private final transient LocalDate day;

    NoPolicyInForce(String table, LocalDate day) {
        this.table = table;
        this.day = day;
    }

    public Fault fault() {
        return Fault.of("no-policy", table, day);
    }

    @Override
    public String getMessage() {
        return fault().inWords(Locale.ENGLISH);
    }

    public String table() {
        return table;
    }

    public LocalDate day() {
        return day;
    }
}
