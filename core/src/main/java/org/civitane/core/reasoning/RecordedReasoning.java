package org.civitane.core.reasoning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.civitane.core.amount.Money;

/** Takes down every step. Made for one determination; not safe for several threads. */
final class RecordedReasoning implements Reasoning {
    /** What stands below a step, whose place among the others is kept until it is known what it came to. */
    private record Lower(int place, String code, Rule rule, RecordedReasoning reasoning) {}

    private static final Step TO_COME =
            new Step("", new Rule("", ""), Optional.empty(), List.of(), new Value.Nothing(), List.of(), List.of());

    private static final int MANY = 48;
    private static final int FEW = 4;

    private final List<Step> taken;
    private final List<Lower> lowers = new ArrayList<>(0);
    private final Step.Notes notes;
    private Value conclusion = new Value.Nothing();
    private How howConcluded = ignored -> {};

    RecordedReasoning() {
        this(MANY, new Step.Notes());
    }

    private RecordedReasoning(int expected, Step.Notes notes) {
        this.taken = new ArrayList<>(expected);
        this.notes = notes;
    }

    @Override
    public void step(String code, Value result, Rule rule, How how) {
        how.tell(notes);
        taken.add(notes.step(code, rule, result, List.of()));
    }

    @Override
    public Reasoning below(String code, Rule rule) {
        RecordedReasoning lower = new RecordedReasoning(FEW, notes);
        lowers.add(new Lower(taken.size(), code, rule, lower));
        taken.add(TO_COME);
        return lower;
    }

    @Override
    public void concluded(Value result, How how) {
        conclusion = result;
        howConcluded = how;
    }

    @Override
    public List<Step> steps() {
        lowers.forEach(lower -> taken.set(lower.place(), lower.reasoning().asStep(lower.code(), lower.rule())));
        return List.copyOf(taken);
    }

    @Override
    public Money money(String code, Money result, Rule rule, How how) {
        step(code, Value.of(result), rule, how);
        return result;
    }

    @Override
    public int count(String code, int result, Rule rule, How how) {
        step(code, Value.of(result), rule, how);
        return result;
    }

    @Override
    public boolean holds(String code, boolean result, Rule rule, How how) {
        step(code, Value.of(result), rule, how);
        return result;
    }

    @Override
    public LocalDate day(String code, LocalDate result, Rule rule, How how) {
        step(code, Value.of(result), rule, how);
        return result;
    }

    private Step asStep(String code, Rule rule) {
        List<Step> steps = steps();
        howConcluded.tell(notes);
        return notes.step(code, rule, conclusion, steps);
    }
}
