package org.civitane.core.reasoning;

import java.time.LocalDate;
import java.util.List;
import org.civitane.core.amount.Money;

/** Takes down nothing, so that many determinations can be re-run in seconds. */
final class SilentReasoning implements Reasoning {
    static final SilentReasoning INSTANCE = new SilentReasoning();

    private SilentReasoning() {}

    @Override
    public void step(String code, Value result, Rule rule, How how) {}

    @Override
    public Reasoning below(String code, Rule rule) {
        return this;
    }

    @Override
    public void concluded(Value result, How how) {}

    @Override
    public List<Step> steps() {
        return List.of();
    }

    @Override
    public Money money(String code, Money result, Rule rule, How how) {
        return result;
    }

    @Override
    public int count(String code, int result, Rule rule, How how) {
        return result;
    }

    @Override
    public boolean holds(String code, boolean result, Rule rule, How how) {
        return result;
    }

    @Override
    public LocalDate day(String code, LocalDate result, Rule rule, How how) {
        return result;
    }
}
