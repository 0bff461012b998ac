package org.civitane.core.materiality;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.civitane.core.programme.Outcome;

/**
 * The outcomes of every combination of open values: choices that each have so many values, numbered from nought.
 * Combinations that cannot stand have no outcomes, and say nothing about what matters.
 */
public final class Sweep {
    private static final int CANNOT_STAND = -1;

    private final List<Integer> sizes;
    private final int[] classOf;
    private final List<List<Outcome>> classes;

    private Sweep(List<Integer> sizes, int[] classOf, List<List<Outcome>> classes) {
        this.sizes = sizes;
        this.classOf = classOf;
        this.classes = classes;
    }

    /**
     * How many combinations there are; of no choices there is one.
     *
     * @param most where counting stops
     * @return at most one more than {@code most}
     */
    public static int combinations(List<Integer> sizes, int most) {
        long combinations = 1;
        for (int size : sizes) {
            combinations = Math.min(combinations * size, most + 1L);
        }
        return (int) combinations;
    }

    /**
     * Determines every combination, the values of the first choice changing fastest.
     *
     * @param sizes how many values each choice has, each at least one
     * @param determine the outcomes of a combination, given as the number of the value of each choice; empty when it
     *     cannot stand. The array is the sweep's own and changes after the call.
     * @throws IllegalArgumentException at more than {@link Materiality#MOST_COMBINATIONS}
     */
    public static Sweep of(List<Integer> sizes, Function<int[], Optional<List<Outcome>>> determine) {
        int combinations = combinations(sizes, Materiality.MOST_COMBINATIONS);
        if (combinations > Materiality.MOST_COMBINATIONS) {
            throw new IllegalArgumentException(
                    "There are more than " + Materiality.MOST_COMBINATIONS + " combinations.");
        }
        Map<List<Outcome>, Integer> known = new HashMap<>();
        List<List<Outcome>> classes = new ArrayList<>();
        int[] classOf = new int[combinations];
        int[] values = new int[sizes.size()];
        for (int combination = 0; combination < combinations; combination++) {
            classOf[combination] = determine
                    .apply(values)
                    .map(outcomes -> known.computeIfAbsent(outcomes, fresh -> {
                        classes.add(fresh);
                        return classes.size() - 1;
                    }))
                    .orElse(CANNOT_STAND);
            next(values, sizes);
        }
        return new Sweep(List.copyOf(sizes), classOf, List.copyOf(classes));
    }

    public int combinations() {
        return classOf.length;
    }

    /** The different outcomes, in the order in which they were found. */
    public List<List<Outcome>> distinct() {
        return classes;
    }

    /** Whether two combinations that differ only in this choice have different outcomes. */
    public boolean matters(int choice) {
        int stride = stride(choice);
        int size = sizes.get(choice);
        for (int start = 0; start < classOf.length; start++) {
            if (start / stride % size == 0 && differ(start, stride, size)) {
                return true;
            }
        }
        return false;
    }

    /**
     * The different outcomes that the values of one choice lead to while the others stay, in the order of the values.
     *
     * @param others the number of the value of each choice; that of {@code choice} itself is not looked at
     */
    public List<List<Outcome>> alone(int choice, List<Integer> others) {
        int stride = stride(choice);
        int start = 0;
        for (int each = 0; each < sizes.size(); each++) {
            start += each == choice ? 0 : others.get(each) * stride(each);
        }
        Set<List<Outcome>> found = new LinkedHashSet<>();
        for (int value = 0; value < sizes.get(choice); value++) {
            int at = classOf[start + value * stride];
            if (at != CANNOT_STAND) {
                found.add(classes.get(at));
            }
        }
        return List.copyOf(found);
    }

    private boolean differ(int start, int stride, int size) {
        int first = CANNOT_STAND;
        for (int value = 0; value < size; value++) {
            int at = classOf[start + value * stride];
            if (at == CANNOT_STAND || at == first) {
                continue;
            }
            if (first != CANNOT_STAND) {
                return true;
            }
            first = at;
        }
        return false;
    }

    private int stride(int choice) {
        int stride = 1;
        for (int each = 0; each < choice; each++) {
            stride *= sizes.get(each);
        }
        return stride;
    }

    private static void next(int[] values, List<Integer> sizes) {
        for (int choice = 0; choice < values.length; choice++) {
            if (++values[choice] < sizes.get(choice)) {
                return;
            }
            values[choice] = 0;
        }
    }
}
