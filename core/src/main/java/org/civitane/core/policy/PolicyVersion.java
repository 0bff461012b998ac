package org.civitane.core.policy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;

/**
 * One version of a policy table: its figures as text, by name.
 *
 * <p>Immutable. Programmes read it through a typed {@link #view}, which is made once a version.
 */
public final class PolicyVersion {
    private final String table;
    private final LocalDate effective;
    private final Map<String, List<String>> figures;
    private final Map<Class<?>, Object> views = new ConcurrentHashMap<>();
    /** The one asked for last, mostly the only one; written without a lock, since any of them is right. */
    private Object lastView = views;

    private final String name;
    private final Optional<String> cited;

    /**
     * @param table the table's name, such as {@code subsistence-line}
     * @param effective the first day it applies
     * @param figures each figure under its name; a row of figures is a list, a single one a list of one
     */
    public PolicyVersion(String table, LocalDate effective, Map<String, List<String>> figures) {
        this.table = table;
        this.effective = effective;
        this.figures = Map.copyOf(figures);
        this.name = table + " " + effective;
        this.cited = Optional.of(name);
    }

    public String table() {
        return table;
    }

    public LocalDate effective() {
        return effective;
    }

    /** All figures as text, for showing the table and for storing it. */
    public Map<String, List<String>> figures() {
        return figures;
    }

    /** An amount by its name. @throws IllegalArgumentException when the table has no such figure or it is no amount */
    public Money money(String name) {
        return Money.parse(text(name));
    }

    /** A percentage by its name. @throws IllegalArgumentException as {@link #money} */
    public Percent percent(String name) {
        return Percent.parse(text(name));
    }

    /** A whole number by its name. @throws IllegalArgumentException as {@link #money} */
    public int count(String name) {
        return Integer.parseInt(text(name));
    }

    /** A row of amounts by its name. @throws IllegalArgumentException as {@link #money} */
    public List<Money> row(String name) {
        return figure(name).stream().map(Money::parse).toList();
    }

    /** A row of whole numbers by its name. @throws IllegalArgumentException as {@link #money} */
    public List<Integer> counts(String name) {
        return figure(name).stream().map(Integer::valueOf).toList();
    }

    /** This version seen through a record of the programme that uses it; made once, by {@code reader}. */
    public <T> T view(Class<T> type, Function<PolicyVersion, T> reader) {
        Object last = lastView;
        if (type.isInstance(last)) {
            return type.cast(last);
        }
        T view = type.cast(views.computeIfAbsent(type, ignored -> reader.apply(this)));
        lastView = view;
        return view;
    }

    /** As a step of the working cites it: table and date. */
    public Optional<String> cited() {
        return cited;
    }

    @Override
    public String toString() {
        return name;
    }

    /** A single figure as it stands. @throws IllegalArgumentException when there is none of that name, or a row */
    public String text(String name) {
        List<String> values = figure(name);
        if (values.size() != 1) {
            throw new IllegalArgumentException(
                    "The figure \"" + name + "\" of " + this + " is a row, not a single figure.");
        }
        return values.getFirst();
    }

    private List<String> figure(String name) {
        List<String> values = figures.get(name);
        if (values == null) {
            throw new IllegalArgumentException("The policy table " + this + " has no figure \"" + name + "\".");
        }
        return values;
    }
}
