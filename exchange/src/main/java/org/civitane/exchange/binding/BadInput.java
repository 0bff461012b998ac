package org.civitane.exchange.binding;

/** Input that cannot be read: where, by JSON Pointer, and what is wrong with it in one sentence. */
public final class BadInput extends RuntimeException {
    private final String pointer;

    /** @param pointer RFC 6901, empty for the whole document */
    public BadInput(String pointer, String message) {
        super(message);
        this.pointer = pointer;
    }

    public String pointer() {
        return pointer;
    }

    /** This fault seen from one level up; {@code name} is a field's name or a position. */
    public BadInput below(String name) {
        return new BadInput("/" + escaped(name) + pointer, getMessage());
    }

    static String escaped(String name) {
        return name.replace("~", "~0").replace("/", "~1");
    }
}
