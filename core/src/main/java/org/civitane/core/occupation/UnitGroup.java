package org.civitane.core.occupation;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.ResourceBundle;
import org.civitane.core.fault.Fault;
import org.civitane.core.fault.Unreadable;

/**
 * A unit group of ISCO-08, the finest occupations are told apart.
 *
 * @param code four digits
 * @param title as the classification words it
 */
public record UnitGroup(String code, String title) {
    private static final List<UnitGroup> ALL = load();

    /** All 436, by code. */
    public static List<UnitGroup> all() {
        return ALL;
    }

    /** The unit group of a code; empty when there is none. */
    public static Optional<UnitGroup> find(String code) {
        return ALL.stream().filter(group -> group.code.equals(code)).findFirst();
    }

    /**
     * Reads a code.
     *
     * @throws Unreadable when there is no such unit group
     */
    public static UnitGroup parse(String code) {
        return find(code).orElseThrow(() -> new Unreadable(Fault.of("occupation", code)));
    }

    /** Its code, by which a case file names it. */
    @Override
    public String toString() {
        return code;
    }

    private static List<UnitGroup> load() {
        ResourceBundle titles = ResourceBundle.getBundle("org.civitane.core.occupation.unit-groups", Locale.ROOT);
        return titles.keySet().stream()
                .sorted()
                .map(code -> new UnitGroup(code, titles.getString(code)))
                .toList();
    }
}
