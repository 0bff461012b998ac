package org.civitane.core.fact;

import org.civitane.core.reasoning.FactPath;

/**
 * A statement that the benefit register confirms: a case of some kind, by its number.
 *
 * @param fact the group that states it
 * @param kind the part that says which benefit it is
 * @param key the part by which the register finds it
 * @param flag the part that the register's word fills: yes or no
 */
public record Confirmed(String fact, String kind, String key, String flag) {
    /** The fact that is the register's word. */
    public FactPath path() {
        return FactPath.of(fact, flag);
    }
}
