package org.civitane.server;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.platform.JsonColumn;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.IntNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** Makes answers odd, and opens every page that there is of a claim. */
final class OddAnswers {
    private static final int MOST_FACTS = 3;

    private final MockMvc http;
    private final RequestMappingHandlerMapping mappings;
    private final LocalDate today;

    OddAnswers(MockMvc http, RequestMappingHandlerMapping mappings, LocalDate today) {
        this.http = http;
        this.mappings = mappings;
        this.today = today;
    }

    /** Puts other values of their kind in the place of up to three that are there. @return which */
    List<String> spoil(ObjectNode said, Random random) {
        List<String> spoilt = new ArrayList<>();
        for (int fact = 0; fact <= random.nextInt(MOST_FACTS); fact++) {
            spoil(said, "", random, spoilt);
        }
        return spoilt;
    }

    /** Opens every page of a claim that anybody may open. @param faults what could not be opened is added */
    void open(SignedIn applicant, SignedIn supervisor, ClaimView claim, String what, List<String> faults)
            throws Exception {
        new EveryPage(http, mappings).of(claim, applicant, supervisor, (path, answer) -> {
            boolean list = path.equals("/api/my/claims");
            if (answer.getStatus() >= 500 || list && answer.getStatus() != 200) {
                faults.add(what + ": " + path + " " + answer.getStatus());
            }
        });
    }

    /** Puts another value of its kind in the place of one that is there. */
    private void spoil(ObjectNode facts, String within, Random random, List<String> spoilt) {
        List<String> names =
                facts.propertyStream().map(java.util.Map.Entry::getKey).toList();
        if (names.isEmpty()) {
            return;
        }
        String name = names.get(random.nextInt(names.size()));
        JsonNode value = facts.path(name);
        String path = within + "/" + name;
        switch (value) {
            case ObjectNode inner -> spoil(inner, path, random, spoilt);
            case ArrayNode list
            when !list.isEmpty() && list.get(0) instanceof ObjectNode first && random.nextInt(4) > 0 ->
                spoil(first, path, random, spoilt);
            default -> {
                JsonNode other = other(value, random);
                spoilt.add(path + " = " + other);
                facts.set(name, other);
            }
        }
    }

    private JsonNode other(JsonNode value, Random random) {
        if (value.isNumber()) {
            return IntNode.valueOf(List.of(0, 1, 13, 999_999).get(random.nextInt(4)));
        }
        String text = value.asString("");
        if (text.matches("\\d{4}-\\d{2}-\\d{2}")) {
            return StringNode.valueOf(List.of(
                            LocalDate.of(1900, 1, 1),
                            LocalDate.of(9999, 12, 31),
                            today.minusDays(400),
                            today.plusDays(400),
                            today)
                    .get(random.nextInt(5))
                    .toString());
        }
        if (text.matches("-?\\d+(\\.\\d+)?")) {
            return StringNode.valueOf(
                    List.of("0.00", "0.01", "99999999.99", "24.00").get(random.nextInt(4)));
        }
        return value.isArray()
                ? JsonColumn.object().arrayNode()
                : StringNode.valueOf(
                        random.nextBoolean() ? "" : UUID.randomUUID().toString());
    }
}
