package org.civitane.server.policies;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.stream.Collectors;
import org.civitane.core.amount.Money;
import org.civitane.core.policy.PolicyVersion;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.platform.DayText;

/** The policy tables in words, from {@code policy.properties}: what each figure is, in what unit, for which paragraph. */
final class PolicyWords {
    private static final ResourceBundle WORDS = ResourceBundle.getBundle("policy", Locale.ENGLISH);

    private PolicyWords() {}

    /**
     * A table with its versions side by side.
     *
     * @param effective from which day each version applies, the newest first
     */
    record PolicyTable(String id, String title, List<LocalDate> effective, List<PolicyFigure> figures) {}

    /**
     * One figure of a table.
     *
     * @param paragraph of the rulebook that reads it
     * @param values as each version has it, in words; empty where a version has none
     */
    record PolicyFigure(String paragraph, String label, List<String> values) {}

    /** All versions, by table, in the order of the words. */
    static List<PolicyTable> of(List<PolicyVersion> versions) {
        Map<String, List<PolicyVersion>> byTable = versions.stream()
                .sorted(Comparator.comparing(PolicyVersion::effective).reversed())
                .collect(Collectors.groupingBy(PolicyVersion::table, LinkedHashMap::new, Collectors.toList()));
        return byTable.entrySet().stream()
                .map(entry -> table(entry.getKey(), entry.getValue()))
                .sorted(Comparator.comparing(PolicyTable::title))
                .toList();
    }

    private static PolicyTable table(String id, List<PolicyVersion> versions) {
        return new PolicyTable(
                id,
                word(id, id),
                versions.stream().map(PolicyVersion::effective).toList(),
                versions.stream()
                        .flatMap(version -> version.figures().keySet().stream())
                        .distinct()
                        .map(name -> figure(id, name, versions))
                        .sorted(Comparator.comparing(PolicyFigure::paragraph))
                        .toList());
    }

    private static PolicyFigure figure(String table, String name, List<PolicyVersion> versions) {
        String[] words = word(table + "." + name, "|" + name + "|").split("\\|", -1);
        return new PolicyFigure(
                words[0],
                words[1],
                versions.stream()
                        .map(version -> version.figures().getOrDefault(name, List.of()).stream()
                                .map(value -> worded(value, words[2]))
                                .collect(Collectors.joining(" · ")))
                        .toList());
    }

    private static String worded(String value, String unit) {
        if (unit.equals("€")) {
            return Wording.shown(Money.parse(value), Locale.ENGLISH);
        }
        if (value.matches("\\d{4}-\\d{2}-\\d{2}")) {
            return DayText.date(LocalDate.parse(value));
        }
        boolean counts = !unit.isEmpty() && value.matches("\\d+");
        return (counts ? String.format(Locale.ENGLISH, "%,d", Long.parseLong(value)) : value) + unit;
    }

    private static String word(String key, String otherwise) {
        return WORDS.containsKey(key) ? WORDS.getString(key) : otherwise;
    }
}
