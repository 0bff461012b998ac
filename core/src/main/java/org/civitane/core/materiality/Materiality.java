package org.civitane.core.materiality;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.fault.Fault;
import org.civitane.core.materiality.Candidate.LineValue;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Value;

/**
 * What would change if income lines had other values.
 *
 * @param combinations how many were determined
 * @param distinct how many different outcomes there are
 * @param least the least total among the outcomes that carry one
 * @param greatest likewise
 */
public record Materiality(
        int combinations, int distinct, Optional<Money> least, Optional<Money> greatest, List<Line> lines) {
    /** The most combinations that are determined. */
    public static final int MOST_COMBINATIONS = 4_096;

    private static final String POINTER = "/candidates";

    /** Whether it matters which value a line has: some two combinations that differ only in it differ in outcome. */
    public record Line(String line, boolean matters) {}

    /** Whether anything depends on the open values. */
    public boolean isMaterial() {
        return distinct > 1;
    }

    /**
     * Determines every combination of values; the line as it stands is always one of its values.
     *
     * @throws InvalidFact at {@code /candidates} for an unknown line, a line given twice or too many combinations; at
     *     the value for an amount that the line cannot have
     */
    public static <C extends CaseFile> Materiality of(
            Programme<C> programme, C file, List<Candidate> candidates, PolicyBook book) {
        List<Open> open = open(file, candidates);
        List<IncomeLine> lines = new ArrayList<>(file.incomes());
        Sweep sweep = Sweep.of(open.stream().map(line -> line.values().size()).toList(), values -> {
            for (int i = 0; i < values.length; i++) {
                lines.set(open.get(i).position(), open.get(i).values().get(values[i]));
            }
            C changed = programme.caseType().cast(file.withIncomes(lines));
            return Optional.of(
                    programme.determine(changed, book, Reasoning.silent()).outcomes());
        });
        List<Money> totals = sweep.distinct().stream()
                .map(Materiality::total)
                .flatMap(Optional::stream)
                .sorted()
                .toList();
        return new Materiality(
                sweep.combinations(),
                sweep.distinct().size(),
                totals.stream().findFirst(),
                totals.isEmpty() ? Optional.empty() : Optional.of(totals.getLast()),
                IntStream.range(0, open.size())
                        .mapToObj(i -> new Line(open.get(i).id(), sweep.matters(i)))
                        .toList());
    }

    /** A line with all its values. */
    private record Open(String id, int position, List<IncomeLine> values) {}

    private static List<Open> open(CaseFile file, List<Candidate> candidates) {
        Set<String> seen = new HashSet<>();
        List<Open> open = new ArrayList<>();
        for (int i = 0; i < candidates.size(); i++) {
            Candidate candidate = candidates.get(i);
            int position = positionOf(candidate.line(), file);
            if (!seen.add(candidate.line())) {
                throw new InvalidFact(POINTER, Fault.of("line-twice", candidate.line()));
            }
            open.add(new Open(candidate.line(), position, values(file.incomes().get(position), candidate.values(), i)));
            List<Integer> sizes =
                    open.stream().map(line -> line.values().size()).toList();
            if (Sweep.combinations(sizes, MOST_COMBINATIONS) > MOST_COMBINATIONS) {
                throw new InvalidFact(POINTER, Fault.of("combinations", MOST_COMBINATIONS));
            }
        }
        return open;
    }

    private static int positionOf(String line, CaseFile file) {
        for (int i = 0; i < file.incomes().size(); i++) {
            if (file.incomes().get(i).id().equals(line)) {
                return i;
            }
        }
        throw new InvalidFact(POINTER, Fault.of("no-line", line));
    }

    private static List<IncomeLine> values(IncomeLine line, List<LineValue> values, int candidate) {
        Set<IncomeLine> different = new LinkedHashSet<>();
        different.add(line);
        for (int i = 0; i < values.size(); i++) {
            try {
                different.add(line.with(values.get(i).amount(), values.get(i).frequency()));
            } catch (InvalidFact e) {
                throw e.below(POINTER + "/" + candidate + "/values/" + i);
            }
        }
        return List.copyOf(different);
    }

    /** The amounts under {@code benefit}, else {@code total}, of all outcomes; empty when none carries one. */
    public static Optional<Money> total(List<Outcome> outcomes) {
        Optional<Money> sum = Optional.empty();
        for (Outcome outcome : outcomes) {
            Value value = outcome.more().getOrDefault("benefit", outcome.more().get("total"));
            if (value instanceof Value.Amount amount) {
                sum = Optional.of(sum.orElse(Money.ZERO).plus(amount.money()));
            }
        }
        return sum;
    }
}
