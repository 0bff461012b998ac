package org.civitane.server;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.IntSupplier;
import org.civitane.server.platform.JsonColumn;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Bodies as the server's own description says that each call takes them, and then wrong at one place: what is refused
 * only behind the first look at a body is found by these alone.
 */
final class MadeBodies {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int DEEPEST = 6;

    private static final List<String> WORDS = List.of(
            "x",
            "",
            " ",
            "m1",
            "m2",
            "landlord",
            "incomes/i1/amount",
            "members/m2/dateOfBirth",
            "receivedAt",
            "signatures",
            "decidedOn",
            "members",
            "/",
            "//",
            "${x}",
            "{0} {1,choice,",
            "it's",
            "2026-02",
            "2026-12-05",
            "9999-12",
            "412.00",
            "-1",
            "1e999",
            "25",
            "school-meals",
            "paid-leave",
            "people",
            "CHILD",
            "WAGES",
            "YES",
            "00000000-0000-0000-0000-000000000000");

    private final JsonNode description;
    private final List<String> wrong;
    private final UUID claim;
    private final IntSupplier version;

    /**
     * @param description the server's, in OpenAPI
     * @param wrong what is put where something else belongs, as JSON
     * @param claim what many ids are
     * @param version the claim's, as it is
     */
    MadeBodies(JsonNode description, List<String> wrong, UUID claim, IntSupplier version) {
        this.description = description;
        this.wrong = wrong;
        this.claim = claim;
        this.version = version;
    }

    /** A body for a call; nothing where it takes none. */
    byte[] of(Endpoints.Call call, Random random) {
        JsonNode schema = description
                .path("paths")
                .path(call.path())
                .path(call.method().toLowerCase(Locale.ROOT))
                .path("requestBody")
                .path("content")
                .path("application/json")
                .path("schema");
        if (schema.isMissingNode()) {
            return new byte[0];
        }
        ObjectNode whole = NODES.objectNode();
        whole.set("body", made(schema, "", random, 0));
        if (random.nextInt(5) > 0) {
            spoil(whole, random);
        }
        return whole.path("body").toString().getBytes(StandardCharsets.UTF_8);
    }

    private JsonNode made(JsonNode schema, String name, Random random, int depth) {
        JsonNode known = schema.has("$ref")
                ? description
                        .path("components")
                        .path("schemas")
                        .path(schema.path("$ref").asString().replaceAll("^.*/", ""))
                : schema;
        if (known.has("enum")) {
            return known.path("enum").get(random.nextInt(known.path("enum").size()));
        }
        for (String choice : List.of("oneOf", "anyOf", "allOf")) {
            if (known.has(choice)) {
                JsonNode all = known.path(choice);
                return made(all.get(random.nextInt(all.size())), name, random, depth);
            }
        }
        return switch (typeOf(known)) {
            case "string" -> NODES.stringNode(string(known, random));
            case "integer" -> NODES.numberNode(name.equals("version") ? version.getAsInt() : number(random));
            case "number" -> NODES.numberNode(number(random) / 3.0);
            case "boolean" -> NODES.booleanNode(random.nextBoolean());
            case "array" -> array(known, random, depth);
            case "object" -> object(known, random, depth);
            default -> odd(random);
        };
    }

    private static String typeOf(JsonNode schema) {
        JsonNode type = schema.path("type");
        return type.isArray() ? type.get(0).asString() : type.asString(schema.has("properties") ? "object" : "");
    }

    private String string(JsonNode schema, Random random) {
        return switch (schema.path("format").asString("")) {
            case "date" ->
                List.of("2026-12-05", "1990-01-01", "9999-12-31", "2028-02-29").get(random.nextInt(4));
            case "date-time" -> "2026-12-05T10:00:00Z";
            case "uuid" ->
                random.nextBoolean() ? claim.toString() : UUID.randomUUID().toString();
            default -> WORDS.get(random.nextInt(WORDS.size()));
        };
    }

    private static int number(Random random) {
        return List.of(0, 1, 2, 7, -1, 1_000_000_000).get(random.nextInt(6));
    }

    private ArrayNode array(JsonNode schema, Random random, int depth) {
        ArrayNode array = NODES.arrayNode();
        int size = depth > DEEPEST ? 0 : random.nextInt(3);
        for (int i = 0; i < size; i++) {
            array.add(made(schema.path("items"), "", random, depth + 1));
        }
        return array;
    }

    private ObjectNode object(JsonNode schema, Random random, int depth) {
        ObjectNode object = NODES.objectNode();
        if (depth > DEEPEST) {
            return object;
        }
        schema.path("properties").forEachEntry((name, property) -> {
            if (random.nextInt(12) > 0) {
                object.set(name, made(property, name, random, depth + 1));
            }
        });
        JsonNode more = schema.path("additionalProperties");
        for (int i = random.nextInt(4); i > 0 && !more.isMissingNode(); i--) {
            object.set(WORDS.get(random.nextInt(WORDS.size())), made(more, "", random, depth + 1));
        }
        return object;
    }

    private JsonNode odd(Random random) {
        return JsonColumn.read(odds(random));
    }

    private String odds(Random random) {
        String one = wrong.get(random.nextInt(wrong.size()));
        return one.equals("1e999") || random.nextInt(3) == 0 ? "null" : one;
    }

    /** Puts something else at one place. */
    private void spoil(ObjectNode whole, Random random) {
        List<Consumer<JsonNode>> places = new ArrayList<>();
        collect(whole, places);
        places.get(random.nextInt(places.size())).accept(odd(random));
    }

    private static void collect(JsonNode within, List<Consumer<JsonNode>> places) {
        if (within instanceof ObjectNode object) {
            List.copyOf(object.propertyNames()).forEach(name -> {
                places.add(other -> object.set(name, other));
                collect(object.path(name), places);
            });
        } else if (within instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                int at = i;
                places.add(other -> array.set(at, other));
                collect(array.get(i), places);
            }
        }
    }
}
