package org.civitane.core.fault;

import java.util.Locale;

/** A text that is not what it should be, such as an amount that is none. */
public final class Unreadable extends IllegalArgumentException {
    private final transient Fault fault;

    public Unreadable(Fault fault) {
        this.fault = fault;
    }

    public Fault fault() {
        return fault;
    }

    @Override
    public String getMessage() {
        return fault.inWords(Locale.ENGLISH);
    }
}
