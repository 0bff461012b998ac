package org.civitane.exchange.binding;

import java.util.Locale;
import org.civitane.core.fault.Fault;

/** Input that cannot be read: where, by JSON Pointer, and what is wrong with it. */
public final class BadInput extends RuntimeException {
    private final String pointer;
    private final transient Fault fault;

    /** @param pointer RFC 6901, empty for the whole document */
    public BadInput(String pointer, Fault fault) {
        this.pointer = pointer;
        this.fault = fault;
    }

    /** The fault found at a pointer, by its code and what fills its sentence. */
    public static BadInput at(String pointer, String code, Object... values) {
        return new BadInput(pointer, Fault.of(code, values));
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

    /** This fault seen from one level up; {@code name} is a field's name or a position. */
    public BadInput below(String name) {
        return new BadInput("/" + escaped(name) + pointer, fault);
    }

    static String escaped(String name) {
        return name.replace("~", "~0").replace("/", "~1");
    }
}
