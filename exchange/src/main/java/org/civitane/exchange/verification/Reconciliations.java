package org.civitane.exchange.verification;

import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.income.ReconciledSource;
import org.civitane.core.income.Reconciliation;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.binding.Input;
import org.civitane.exchange.binding.Records;

/** Income reconciliations as JSON. */
public final class Reconciliations {
    private Reconciliations() {}

    /** @throws BadInput at the first fault, with its pointer */
    public static Reconciliation read(Input input) {
        return input.read(
                parser -> Records.read(parser, ReconciliationInput.class).reconciliation());
    }

    /** The sources in the chapter's fields and order. */
    public static Value toValue(Reconciliation reconciliation) {
        return new Value.Fields(Figures.builder(2)
                .add(
                        "sources",
                        new Value.Row(reconciliation.sources().stream()
                                .map(Reconciliations::toValue)
                                .toList()))
                .add("registerUnavailable", reconciliation.isRegisterUnavailable())
                .build());
    }

    private static Value toValue(ReconciledSource source) {
        return new Value.Fields(Figures.builder(11)
                .add("member", source.member())
                .add("employer", source.employer())
                .add("stated", orNull(source.stated()))
                .add("shown", orNull(source.shown()))
                .add("onRecord", orNull(source.onRecord()))
                .add("frequency", source.rhythm().map(Value::of).orElse(new Value.Nothing()))
                .add("gaps", source.gaps())
                .add("stale", source.stale())
                .add("hiddenPay", source.hiddenPay())
                .add("verdict", source.verdict())
                .add("accepted", orNull(source.accepted()))
                .build());
    }

    static Value orNull(Optional<Money> amount) {
        return amount.map(Value::of).orElse(new Value.Nothing());
    }
}
