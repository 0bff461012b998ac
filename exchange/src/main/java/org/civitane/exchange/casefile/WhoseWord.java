package org.civitane.exchange.casefile;

import java.util.List;
import java.util.Optional;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.fact.Shape;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.BooleanNode;
import tools.jackson.databind.node.ObjectNode;

/** Keeps what applicants write apart from what is others' to say: registers, landlords, this office. */
public final class WhoseWord {
    private WhoseWord() {}

    /**
     * The first fact in an application that is not the applicant's to say and does not stand there already.
     *
     * @param said what the applicant sends
     * @param before what stood there before, by whomever it was said; an empty object when nothing did
     * @return its path, with slashes; nothing when all of it is theirs
     */
    public static Optional<String> notTheApplicants(ObjectNode said, JsonNode before, List<FactSpec> facts) {
        return fault(said, before, facts, "");
    }

    /** Puts back what others said before and an answer that replaced its surroundings left out. */
    public static void keepOthers(ObjectNode said, JsonNode before, List<FactSpec> facts) {
        for (FactSpec fact : facts) {
            JsonNode was = before.path(fact.name());
            if (was.isMissingNode()) {
                continue;
            }
            if (fact.saidBy() != SaidBy.APPLICANT) {
                if (!said.has(fact.name())) {
                    said.set(fact.name(), was);
                }
            } else if (fact.shape() instanceof Shape.Group group && said.get(fact.name()) instanceof ObjectNode inner) {
                keepOthers(inner, was, group.parts());
            }
        }
    }

    /** Answers with yes, below what the applicant said, whatever only a register can confirm; for an estimate. */
    public static void imagineConfirmed(ObjectNode said, List<FactSpec> facts) {
        for (FactSpec fact : facts) {
            if (fact.shape() instanceof Shape.Group group && said.get(fact.name()) instanceof ObjectNode inner) {
                group.parts().stream()
                        .filter(part -> part.saidBy() == SaidBy.REGISTER && part.shape() instanceof Shape.YesNo)
                        .forEach(part -> inner.set(part.name(), BooleanNode.TRUE));
            }
        }
    }

    private static Optional<String> fault(JsonNode said, JsonNode before, List<FactSpec> facts, String within) {
        for (FactSpec fact : facts) {
            JsonNode value = said.path(fact.name());
            if (value.isMissingNode()) {
                continue;
            }
            String path = within + fact.name();
            JsonNode was = before.path(fact.name());
            if (fact.saidBy() != SaidBy.APPLICANT) {
                if (!value.equals(was)) {
                    return Optional.of(path);
                }
                continue;
            }
            Optional<String> inner = below(value, was, fact.shape(), path);
            if (inner.isPresent()) {
                return inner;
            }
        }
        return Optional.empty();
    }

    private static Optional<String> below(JsonNode value, JsonNode was, Shape shape, String path) {
        return switch (shape) {
            case Shape.Group group when value.isObject() -> fault(value, was, group.parts(), path + "/");
            case Shape.Several several
            when value.isArray() -> {
                for (int i = 0; i < value.size(); i++) {
                    Optional<String> inner = below(value.get(i), was.path(i), several.each(), path + "/" + i);
                    if (inner.isPresent()) {
                        yield inner;
                    }
                }
                yield Optional.empty();
            }
            default -> Optional.empty();
        };
    }
}
