package org.civitane.core.casefile;

import java.util.Locale;
import org.civitane.core.fault.Fault;

/** A fact that cannot stand: what is wrong with it, and which one, relative to the record that found it. */
public final class InvalidFact extends RuntimeException {
    private final String pointer;
    private final transient Fault fault;

    /** @param pointer JSON Pointer below the record that throws, such as {@code /amount}; empty for the record itself */
    public InvalidFact(String pointer, Fault fault) {
        this.pointer = pointer;
        this.fault = fault;
    }

    public String pointer() {
        return pointer;
    }

    public Fault fault() {
        return fault;
    }

    @Override
    public String getMessage() {
        return fault.inWords(Locale.ENGLISH);
    }

    /** The same fault seen from one level up. */
    public InvalidFact below(String parent) {
        return new InvalidFact(parent + pointer, fault);
    }
}
