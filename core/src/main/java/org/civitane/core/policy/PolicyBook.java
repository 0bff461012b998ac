package org.civitane.core.policy;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/** All versions of all policy tables (rulebook 0.4). Immutable. */
public final class PolicyBook {
    private final Map<String, NavigableMap<LocalDate, PolicyVersion>> tables = new HashMap<>();

    private PolicyBook(Collection<PolicyVersion> versions) {
        for (PolicyVersion version : versions) {
            PolicyVersion other = tables.computeIfAbsent(version.table(), name -> new TreeMap<>())
                    .put(version.effective(), version);
            if (other != null) {
                throw new IllegalArgumentException("The policy table " + version + " is given twice.");
            }
        }
    }

    /** @throws IllegalArgumentException when a table has two versions of one date */
    public static PolicyBook of(Collection<PolicyVersion> versions) {
        return new PolicyBook(versions);
    }

    /**
     * The version of a table in force on a day.
     *
     * @throws NoPolicyInForce when the day is before the table's first version
     */
    public PolicyVersion inForce(String table, LocalDate day) {
        NavigableMap<LocalDate, PolicyVersion> versions = tables.get(table);
        Map.Entry<LocalDate, PolicyVersion> found = versions == null ? null : versions.floorEntry(day);
        if (found == null) {
            throw new NoPolicyInForce(table, day);
        }
        return found.getValue();
    }

    /** Every version, by table name and then by date. */
    public List<PolicyVersion> versions() {
        return new TreeMap<>(tables)
                .values().stream()
                        .flatMap(versions -> versions.values().stream())
                        .toList();
    }
}
