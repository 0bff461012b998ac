package org.civitane.core.casefile;

/** A fact that cannot stand: what is wrong with it, and which one, relative to the record that found it. */
public final class InvalidFact extends RuntimeException {
    private final String pointer;

    /**
     * @param pointer JSON Pointer below the record that throws, such as {@code /amount}; empty for the record itself
     * @param message one sentence for the person who wrote the fact
     */
    public InvalidFact(String pointer, String message) {
        super(message);
        this.pointer = pointer;
    }

    public String pointer() {
        return pointer;
    }

    /** The same fault seen from one level up. */
    public InvalidFact below(String parent) {
        return new InvalidFact(parent + pointer, getMessage());
    }
}
