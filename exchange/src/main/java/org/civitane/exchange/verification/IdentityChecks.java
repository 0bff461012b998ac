package org.civitane.exchange.verification;

import java.util.List;
import org.civitane.core.identity.CheckedDocument;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.identity.Verdicts;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.binding.Input;
import org.civitane.exchange.binding.Records;

/** Identity checks as JSON. */
public final class IdentityChecks {
    private IdentityChecks() {}

    /** @throws BadInput at the first fault, with its pointer */
    public static IdentityCheck read(Input input) {
        return input.read(parser -> Records.read(parser, IdentityInput.class).check());
    }

    /** The outcome in the chapter's fields and order. */
    public static Value toValue(IdentityCheck.Outcome outcome) {
        return new Value.Fields(Figures.builder(5)
                .add("result", outcome.result())
                .add("basis", outcome.basis().map(Value::of).orElse(new Value.Nothing()))
                .add("verdicts", toValue(outcome.verdicts()))
                .add(
                        "documents",
                        new Value.Row(outcome.documents().stream()
                                .map(IdentityChecks::toValue)
                                .toList()))
                .add("needs", words(outcome.needs()))
                .build());
    }

    private static Value toValue(Verdicts verdicts) {
        return new Value.Fields(Figures.builder(4)
                .add("name", verdicts.name())
                .add("dateOfBirth", verdicts.dateOfBirth())
                .add("personNumber", verdicts.personNumber())
                .add("address", verdicts.address())
                .build());
    }

    private static Value toValue(CheckedDocument document) {
        return new Value.Fields(Figures.builder(3)
                .add("id", document.id())
                .add("category", document.category())
                .add("faults", words(document.faults()))
                .build());
    }

    private static Value words(List<? extends Enum<?>> words) {
        return new Value.Row(words.stream().map(Value::of).toList());
    }
}
