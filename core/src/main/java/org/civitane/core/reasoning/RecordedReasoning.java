package org.civitane.core.reasoning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.civitane.core.amount.Money;

/** Takes down every step. Made for one determination; not safe for several threads. */
final class RecordedReasoning implements Reasoning {
    private final List<Supplier<Step>> taken = new ArrayList<>();
    private Value conclusion = new Value.Nothing();
    private How howConcluded = notes -> {};

    @Override
    public void step(String code, Value result, Rule rule, How how) {
        Step.Notes notes = new Step.Notes();
        how.tell(notes);
        Step step = notes.step(code, rule, result, List.of());
        taken.add(() -> step);
    }

    @Override
    public Reasoning below(String code, Rule rule) {
        RecordedReasoning lower = new RecordedReasoning();
        taken.add(() -> lower.asStep(code, rule));
        return lower;
    }

    @Override
    public void concluded(Value result, How how) {
        conclusion = result;
        howConcluded = how;
    }

    @Override
    public List<Step> steps() {
        return taken.stream().map(Supplier::get).toList();
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
        Step.Notes notes = new Step.Notes();
        howConcluded.tell(notes);
        return notes.step(code, rule, conclusion, steps());
    }
}
