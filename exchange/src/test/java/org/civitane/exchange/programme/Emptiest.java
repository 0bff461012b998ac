package org.civitane.exchange.programme;

import java.util.List;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.Shape;
import org.civitane.core.programme.Programme;
import org.civitane.exchange.binding.Json;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.BooleanNode;
import tools.jackson.databind.node.IntNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** The emptiest application there can be: one person, and nothing that may be left out. Made from the shapes. */
final class Emptiest {
    private static final String MOMENT = "2026-11-25T10:00:00";
    private static final String DAY = "2026-11-20";

    private Emptiest() {}

    static ObjectNode of(Programme<?> programme) {
        ObjectNode file = filled(programme.facts());
        file.put("programme", programme.id()).put("receivedAt", MOMENT);
        ObjectNode person = filled(membersOf(programme.facts()));
        file.putArray("members")
                .add(person.put("id", "m1").put("relationship", "SELF").put("dateOfBirth", "1990-01-01"));
        return file;
    }

    /** Any value of a shape. */
    static JsonNode any(Shape shape) {
        return switch (shape) {
            case Shape.Text text -> StringNode.valueOf("A");
            case Shape.Code code -> StringNode.valueOf("A");
            case Shape.Amount amount -> StringNode.valueOf("1.00");
            case Shape.Count count -> IntNode.valueOf(1);
            case Shape.Decimal decimal -> StringNode.valueOf("1.00");
            case Shape.Day day -> StringNode.valueOf(DAY);
            case Shape.Month month -> StringNode.valueOf("1990-01");
            case Shape.Occupation occupation -> StringNode.valueOf("5131");
            case Shape.Quarter quarter -> StringNode.valueOf("1990-Q1");
            case Shape.Moment moment -> StringNode.valueOf(MOMENT);
            case Shape.YesNo yesNo -> BooleanNode.TRUE;
            case Shape.Choice choice -> StringNode.valueOf(choice.of().getFirst());
            case Shape.Group group -> filled(group.parts());
            case Shape.Several several -> Json.mapper().createArrayNode().add(any(several.each()));
            case Shape.ByWeekday week -> Json.mapper().createObjectNode().set("1", any(week.each()));
            case Shape.Unread unread -> Json.mapper().createObjectNode();
        };
    }

    private static ObjectNode filled(List<FactSpec> facts) {
        ObjectNode record = Json.mapper().createObjectNode();
        facts.stream().filter(fact -> !fact.optional()).forEach(fact -> record.set(fact.name(), any(fact.shape())));
        return record;
    }

    private static List<FactSpec> membersOf(List<FactSpec> facts) {
        return facts.stream()
                .filter(fact -> fact.name().equals("members"))
                .map(fact -> (Shape.Several) fact.shape())
                .map(several -> ((Shape.Group) several.each()).parts())
                .findFirst()
                .orElseThrow();
    }
}
