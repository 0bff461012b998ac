package org.civitane.core.person;

/**
 * A person's name in its two parts.
 *
 * @param given one or more given names
 * @param family the family name
 */
public record PersonName(String given, String family) {
    /** Given and family name, with one space between. */
    public String full() {
        return (given + " " + family).strip();
    }
}
