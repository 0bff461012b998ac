package org.civitane.server.determinations;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.civitane.core.amount.Frequency;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.IncomeLine;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.materiality.Candidate;
import org.civitane.core.materiality.Materiality;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Value;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.policies.PolicyStore;
import org.civitane.server.settlements.Settlements;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Works out what hangs on facts whose views differ: reruns the determination for each value they could take. */
@Service
@Transactional(readOnly = true)
public class Impacts {
    private static final String INCOMES = "incomes/";

    private final Settlements settlements;
    private final PolicyStore policies;
    private final Determinations determinations;

    Impacts(Settlements settlements, PolicyStore policies, Determinations determinations) {
        this.settlements = settlements;
        this.policies = policies;
        this.determinations = determinations;
    }

    /**
     * What hangs on each open fact, with all others as they stand. A fact that changes nothing by itself, but does
     * together with another that is open too, is told apart: it must not be settled unseen.
     *
     * @param open path to the values that it could take
     */
    public Map<FactPath, Impact> of(ClaimView claim, Map<FactPath, List<JsonNode>> open) {
        if (open.isEmpty()) {
            return Map.of();
        }
        ObjectNode settled = settlements.settledCase(claim);
        Map<FactPath, Impact> impacts = new LinkedHashMap<>();
        open.forEach((path, values) -> impacts.put(path, impact(settled, path, values)));
        Set<String> together = mattersTogether(settled, open);
        impacts.replaceAll((path, impact) -> impact.kind() == Impact.Kind.NOTHING && together.contains(path.path())
                ? new Impact(Impact.Kind.ANSWER, impact.outcomes(), impact.least(), impact.greatest(), true)
                : impact);
        return impacts;
    }

    private Impact impact(ObjectNode settled, FactPath path, List<JsonNode> values) {
        Map<List<Outcome>, Determinations.Run> distinct = new LinkedHashMap<>();
        for (JsonNode value : values) {
            ObjectNode trial = settled.deepCopy();
            try {
                CasePaths.set(trial, path, value);
                CaseFiles.Read<?> read = CaseFiles.read(JsonColumn.write(trial).getBytes(StandardCharsets.UTF_8));
                List<Outcome> outcomes =
                        read.determine(policies.book(), Reasoning.silent()).outcomes();
                distinct.computeIfAbsent(outcomes, key -> determinations.run(read));
            } catch (BadInput | IllegalArgumentException | ClassCastException e) {
                // A value that the case cannot take changes nothing: nobody can settle on it either.
                continue;
            }
        }
        List<String> words = distinct.values().stream()
                .map(Determinations.Run::headline)
                .distinct()
                .toList();
        List<Money> totals = distinct.keySet().stream()
                .map(Impacts::total)
                .flatMap(Optional::stream)
                .sorted()
                .toList();
        boolean sameAnswer =
                distinct.keySet().stream().map(Impacts::answers).distinct().count() <= 1;
        Impact.Kind kind =
                distinct.size() <= 1 ? Impact.Kind.NOTHING : sameAnswer ? Impact.Kind.AMOUNT : Impact.Kind.ANSWER;
        return new Impact(
                kind,
                words,
                totals.stream().findFirst().map(Money::toString),
                totals.isEmpty()
                        ? Optional.empty()
                        : Optional.of(totals.getLast().toString()),
                false);
    }

    /** The paths of income lines that matter in some combination of the values of all open lines. */
    private Set<String> mattersTogether(ObjectNode settled, Map<FactPath, List<JsonNode>> open) {
        CaseFiles.Read<?> read = CaseFiles.read(JsonColumn.write(settled).getBytes(StandardCharsets.UTF_8));
        Map<String, IncomeLine> lines =
                read.file().incomes().stream().collect(Collectors.toMap(IncomeLine::id, Function.identity()));
        List<Candidate> candidates = new ArrayList<>();
        Map<String, String> pathOfLine = new HashMap<>();
        open.forEach((path, values) -> {
            String[] parts = path.path().split("/");
            if (path.path().startsWith(INCOMES) && parts.length == 3 && lines.containsKey(parts[1])) {
                pathOfLine.put(parts[1], path.path());
                candidates.add(new Candidate(
                        parts[1],
                        values.stream()
                                .map(value ->
                                        lineValue(value, lines.get(parts[1]).frequency()))
                                .flatMap(Optional::stream)
                                .toList()));
            }
        });
        if (candidates.size() < 2) {
            return Set.of();
        }
        try {
            return materiality(read, candidates).lines().stream()
                    .filter(Materiality.Line::matters)
                    .map(line -> pathOfLine.get(line.line()))
                    .collect(Collectors.toSet());
        } catch (InvalidFact e) {
            return Set.copyOf(pathOfLine.values());
        }
    }

    private <C extends CaseFile> Materiality materiality(CaseFiles.Read<C> read, List<Candidate> candidates) {
        return Materiality.of(read.programme(), read.file(), candidates, policies.book());
    }

    private static Optional<Candidate.LineValue> lineValue(JsonNode value, Frequency own) {
        try {
            return Optional.of(
                    value.isObject()
                            ? new Candidate.LineValue(
                                    Money.parse(value.path("amount").asString("")),
                                    Frequency.valueOf(value.path("frequency").asString("")))
                            : new Candidate.LineValue(Money.parse(value.asString("")), own));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static List<String> answers(List<Outcome> outcomes) {
        return outcomes.stream()
                .map(outcome -> outcome.subject() + " " + outcome.result() + " " + outcome.basis())
                .toList();
    }

    private static Optional<Money> total(List<Outcome> outcomes) {
        Optional<Money> sum = Optional.empty();
        for (Outcome outcome : outcomes) {
            if (outcome.more().getOrDefault("benefit", outcome.more().get("total")) instanceof Value.Amount amount) {
                sum = Optional.of(sum.orElse(Money.ZERO).plus(amount.money()));
            }
        }
        return sum;
    }
}
