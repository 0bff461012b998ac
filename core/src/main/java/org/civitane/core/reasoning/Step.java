package org.civitane.core.reasoning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.amount.Percent;
import org.civitane.core.policy.PolicyVersion;

/**
 * One step of the working.
 *
 * @param code what the step works out; with the chapter of {@code rule} it leads to the wording
 * @param rule the paragraph it rests on
 * @param policy the policy table version it took figures from, if any, as {@code table date}
 * @param inputs what went in, in the order of the rule
 * @param result the figure or verdict that came out
 * @param facts the facts it used
 * @param steps the steps it consists of; empty for a single one
 */
public record Step(
        String code,
        Rule rule,
        Optional<String> policy,
        List<Input> inputs,
        Value result,
        List<FactPath> facts,
        List<Step> steps) {
    /** A named figure that went into a step. */
    public record Input(String name, Value value) {}

    public Step {
        inputs = List.copyOf(inputs);
        facts = List.copyOf(facts);
        steps = List.copyOf(steps);
    }

    /** Collects what is to be said about one step while it is computed, and then begins with the next. */
    public static final class Notes {
        private final List<Input> inputs = new ArrayList<>(4);
        private final List<FactPath> facts = new ArrayList<>(2);
        private Optional<String> policy = Optional.empty();

        Notes() {}

        public Notes input(String name, Value value) {
            inputs.add(new Input(name, value));
            return this;
        }

        public Notes input(String name, Money value) {
            return input(name, Value.of(value));
        }

        public Notes input(String name, long value) {
            return input(name, Value.of(value));
        }

        public Notes input(String name, Percent value) {
            return input(name, Value.of(value));
        }

        public Notes input(String name, Enum<?> value) {
            return input(name, Value.of(value));
        }

        public Notes input(String name, String value) {
            return input(name, Value.of(value));
        }

        /** The policy table version that a figure of this step came from. */
        public Notes table(PolicyVersion version) {
            policy = version.cited();
            return this;
        }

        public Notes fact(String... path) {
            facts.add(FactPath.of(path));
            return this;
        }

        Step step(String code, Rule rule, Value result, List<Step> steps) {
            Step step = new Step(code, rule, policy, copyOf(inputs), result, copyOf(facts), steps);
            inputs.clear();
            facts.clear();
            policy = Optional.empty();
            return step;
        }

        /** Most steps have few of either, and {@link List#copyOf} makes two arrays on its way. */
        private static <T> List<T> copyOf(List<T> few) {
            return switch (few.size()) {
                case 0 -> List.of();
                case 1 -> List.of(few.getFirst());
                case 2 -> List.of(few.getFirst(), few.getLast());
                case 3 -> List.of(few.getFirst(), few.get(1), few.getLast());
                default -> List.copyOf(few);
            };
        }
    }
}
