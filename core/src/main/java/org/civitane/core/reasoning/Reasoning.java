package org.civitane.core.reasoning;

import java.time.LocalDate;
import java.util.List;
import org.civitane.core.amount.Money;

/**
 * Takes down the working while rules compute. Every method hands back the figure it was given, so that taking it down
 * stands inside the arithmetic and is never written twice; {@link #silent()} takes down nothing and computes the same.
 */
public sealed interface Reasoning permits SilentReasoning, RecordedReasoning {
    /** Says what went into a step; called only when the working is recorded. */
    @FunctionalInterface
    interface How {
        void tell(Step.Notes notes);
    }

    /** Takes down nothing. */
    static Reasoning silent() {
        return SilentReasoning.INSTANCE;
    }

    /** Takes down everything; read it back with {@link #steps()}. */
    static Reasoning recording() {
        return new RecordedReasoning();
    }

    /** Takes down a result of any kind. */
    void step(String code, Value result, Rule rule, How how);

    /**
     * A reasoning whose steps stand below one step of this one. Its result becomes known by {@link #concluded}.
     *
     * @param code the code of the step above
     */
    Reasoning below(String code, Rule rule);

    /** Gives the step that this reasoning stands below its result. */
    void concluded(Value result, How how);

    /** The steps taken down so far, in order; empty when silent. */
    List<Step> steps();

    /** Takes down a step whose result is an amount, and hands it back. */
    Money money(String code, Money result, Rule rule, How how);

    /** Takes down a step whose result is a count, and hands it back. */
    int count(String code, int result, Rule rule, How how);

    /** Takes down a step whose result is yes or no, and hands it back. */
    boolean holds(String code, boolean result, Rule rule, How how);

    /** Takes down a step whose result is a day, and hands it back. */
    LocalDate day(String code, LocalDate result, Rule rule, How how);
}
