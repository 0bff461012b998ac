package org.civitane.core.occupation;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.ResourceBundle;

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

    /** Those whose title has all words of a search, whatever their case, by code. */
    public static List<UnitGroup> search(String words) {
        String[] wanted = words.strip().toLowerCase(Locale.ROOT).split("\\s+");
        return ALL.stream().filter(group -> group.hasAll(wanted)).toList();
    }

    private boolean hasAll(String[] wanted) {
        String lower = title.toLowerCase(Locale.ROOT);
        for (String word : wanted) {
            if (!lower.contains(word)) {
                return false;
            }
        }
        return true;
    }

    private static List<UnitGroup> load() {
        ResourceBundle titles = ResourceBundle.getBundle("org.civitane.core.occupation.unit-groups", Locale.ROOT);
        return titles.keySet().stream()
                .sorted()
                .map(code -> new UnitGroup(code, titles.getString(code)))
                .toList();
    }
}
