package org.civitane.server.determinations;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.materiality.Materiality;
import org.civitane.core.materiality.Sweep;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.policies.PolicyStore;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.BooleanNode;
import tools.jackson.databind.node.ObjectNode;

/** Works out what hangs on facts whose views differ: reruns the determination for each value they could take. */
@Service
@Transactional(readOnly = true)
public class Impacts {
    /** So many combinations are determined while someone waits; beyond that a fact is taken to matter together. */
    private static final int MOST_AT_ONCE = 1_024;

    private static final int REMEMBERED = 200;
    private static final String PROGRAMME = "programme";

    private final PolicyStore policies;
    private final Determinations determinations;
    private final Cache<Question, Map<FactPath, Impact>> answered =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    Impacts(PolicyStore policies, Determinations determinations) {
        this.policies = policies;
        this.determinations = determinations;
    }

    /**
     * What hangs on each open fact, with all others as they stand. A fact that changes nothing by itself, but does
     * together with another that is open too, is told apart: it must not be settled unseen.
     *
     * @param settled the case with what is settled; not to be changed afterwards
     * @param open path to the values that it could take
     */
    public Map<FactPath, Impact> of(JsonNode settled, Map<FactPath, List<JsonNode>> open) {
        return open.isEmpty()
                ? Map.of()
                : answered.get(new Question(settled, List.copyOf(open.entrySet())), this::answer);
    }

    /** All that the answer hangs on; the desk and the day sheet ask the same one after the other. */
    private record Question(JsonNode settled, List<Map.Entry<FactPath, List<JsonNode>>> open) {}

    private Map<FactPath, Impact> answer(Question question) {
        ObjectNode settled = programmeFirst(question.settled());
        List<FactPath> paths = question.open().stream().map(Map.Entry::getKey).toList();
        List<List<JsonNode>> values =
                question.open().stream().map(Map.Entry::getValue).toList();
        List<Integer> sizes = values.stream().map(List::size).toList();
        Map<FactPath, Impact> impacts = new LinkedHashMap<>();
        if (Sweep.combinations(sizes, MOST_AT_ONCE) > MOST_AT_ONCE) {
            for (int i = 0; i < paths.size(); i++) {
                Trial alone = new Trial(settled, List.of(paths.get(i)), List.of(values.get(i)));
                List<List<Outcome>> outcomes = alone.sweep().distinct();
                impacts.put(paths.get(i), impact(outcomes, alone, true));
            }
            return impacts;
        }
        Trial all = new Trial(settled, paths, values);
        Sweep sweep = all.sweep();
        List<Integer> asTheyStand = all.asItStands();
        for (int i = 0; i < paths.size(); i++) {
            impacts.put(paths.get(i), impact(sweep.alone(i, asTheyStand), all, sweep.matters(i)));
        }
        return impacts;
    }

    /** A case file is read in one go when it begins with its programme. */
    private static ObjectNode programmeFirst(JsonNode file) {
        ObjectNode ordered = JsonColumn.object();
        ordered.set(PROGRAMME, file.path(PROGRAMME));
        ordered.setAll((ObjectNode) file);
        return ordered;
    }

    /** A case with some facts open. */
    private final class Trial {
        private final ObjectNode settled;
        private final List<FactPath> paths;
        private final List<List<JsonNode>> values;
        private final Map<List<Outcome>, CaseFiles.Read<?>> reads = new HashMap<>();

        Trial(ObjectNode settled, List<FactPath> paths, List<List<JsonNode>> values) {
            this.settled = settled;
            this.paths = paths;
            this.values = values;
        }

        Sweep sweep() {
            return Sweep.of(values.stream().map(List::size).toList(), this::outcomes);
        }

        /** A value that the case cannot take changes nothing: nobody can settle on it either. */
        private Optional<List<Outcome>> outcomes(int[] chosen) {
            ObjectNode file = settled.deepCopy();
            try {
                for (int i = 0; i < chosen.length; i++) {
                    CasePaths.set(file, paths.get(i), values.get(i).get(chosen[i]));
                }
                CaseFiles.Read<?> read = CaseFiles.read(JsonColumn.bytes(file));
                List<Outcome> outcomes =
                        read.determine(policies.book(), Reasoning.silent()).outcomes();
                reads.putIfAbsent(outcomes, read);
                return Optional.of(outcomes);
            } catch (BadInput | IllegalArgumentException | ClassCastException e) {
                return Optional.empty();
            }
        }

        /** The number of the value that each fact has now; of a question that nobody confirmed, of "no". */
        List<Integer> asItStands() {
            List<Integer> now = new ArrayList<>();
            for (int i = 0; i < paths.size(); i++) {
                JsonNode standing = CasePaths.get(settled, paths.get(i)).orElse(BooleanNode.FALSE);
                now.add(Math.max(0, values.get(i).indexOf(standing)));
            }
            return now;
        }

        Phrase headline(List<Outcome> outcomes) {
            return determinations.run(reads.get(outcomes)).headline();
        }
    }

    private static Impact impact(List<List<Outcome>> distinct, Trial trial, boolean mattersTogether) {
        List<Phrase> words = distinct.stream().map(trial::headline).distinct().toList();
        List<Money> totals = distinct.stream()
                .map(Materiality::total)
                .flatMap(Optional::stream)
                .sorted()
                .toList();
        Optional<Money> least = totals.stream().findFirst();
        Optional<Money> greatest = totals.stream().reduce((left, right) -> right);
        if (distinct.size() <= 1) {
            return new Impact(
                    mattersTogether ? Impact.Kind.ANSWER : Impact.Kind.NOTHING,
                    words,
                    least,
                    greatest,
                    mattersTogether);
        }
        boolean sameAnswer = distinct.stream().map(Impacts::answers).distinct().count() <= 1;
        return new Impact(sameAnswer ? Impact.Kind.AMOUNT : Impact.Kind.ANSWER, words, least, greatest, false);
    }

    private static List<String> answers(List<Outcome> outcomes) {
        return outcomes.stream()
                .map(outcome -> outcome.subject() + " " + outcome.result() + " " + outcome.basis())
                .toList();
    }
}
