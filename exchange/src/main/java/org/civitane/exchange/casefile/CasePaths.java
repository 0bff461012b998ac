package org.civitane.exchange.casefile;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.civitane.core.reasoning.FactPath;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads and changes single facts of a case file by their paths. In a list, the part after its name is an id:
 * {@code incomes/i1/amount}; where lines have no ids it is their position from 0, {@code expenses/0/amount}, or the month
 * they are for: {@code arrears/2026-08/owed}.
 * {@code members/m2/incomes} stands for all income lines of a person together with their
 * declaration that there are none: {@code {"lines": […], "none": false}}. An amount can be set together with how often it
 * comes: {@code {"amount": "1790.33", "frequency": "MONTHLY"}} at {@code incomes/i1/amount} sets both.
 * {@code members/m2/incomes/ferry-stairs-kiosk} stands for one source of a person's income, however many lines it has:
 * {@code {"instead": ["i2", "i3"], "lines": […]}} puts these lines in the place of those; what it is called is free.
 */
public final class CasePaths {
    private static final Pattern MONTH = Pattern.compile("[0-9]{4}-[0-9]{2}");
    private static final Pattern POSITION = Pattern.compile("[0-9]{1,4}");
    private static final String INCOMES = "incomes";
    private static final String AMOUNT = "amount";
    private static final String FREQUENCY = "frequency";
    private static final String NO_INCOME = "noIncomeDeclared";

    private CasePaths() {}

    /** The fact's value; empty when it is not given. */
    public static Optional<JsonNode> get(ObjectNode caseFile, FactPath path) {
        Optional<String> person = personWhoseIncomes(path);
        if (person.isPresent()) {
            return Optional.of(incomesOf(caseFile, person.get()));
        }
        if (isSource(path)) {
            return Optional.empty();
        }
        JsonNode at = caseFile;
        for (String part : parts(path)) {
            at = at.isArray() ? elementOf((ArrayNode) at, part).orElse(null) : at.get(part);
            if (at == null) {
                return Optional.empty();
            }
        }
        return Optional.of(at);
    }

    /**
     * Changes one fact; objects on the way are made where they are not given yet, and so is the line of a month.
     *
     * @throws IllegalArgumentException when the path names nothing, or a list on the way has no element of that id
     */
    public static void set(ObjectNode caseFile, FactPath path, JsonNode value) {
        Optional<String> person = personWhoseIncomes(path);
        if (person.isPresent()) {
            setIncomesOf(caseFile, person.get(), value);
            return;
        }
        if (isSource(path)) {
            setSource(caseFile, parts(path).get(1), value);
            return;
        }
        List<String> parts = parts(path);
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("No fact stands at " + path + ".");
        }
        JsonNode at = caseFile;
        for (int i = 0; i < parts.size() - 1; i++) {
            at = below(at, parts.get(i), parts.get(i + 1), path);
        }
        String last = parts.getLast();
        JsonNode line = at;
        if (at instanceof ArrayNode list) {
            replace(list, last, value, path);
        } else if (last.equals(AMOUNT) && value.isObject()) {
            value.properties().stream()
                    .filter(part ->
                            part.getKey().equals(AMOUNT) || part.getKey().equals(FREQUENCY))
                    .forEach(part -> ((ObjectNode) line).set(part.getKey(), part.getValue()));
        } else if (value.isNull()) {
            ((ObjectNode) at).remove(last);
        } else {
            ((ObjectNode) at).set(last, value);
        }
    }

    private static JsonNode below(JsonNode at, String part, String then, FactPath path) {
        if (at instanceof ArrayNode list) {
            return elementOf(list, part)
                    .or(() -> isMonth(list, part) ? Optional.of(list.addObject().put("month", part)) : Optional.empty())
                    .orElseThrow(() -> new IllegalArgumentException("The case file has nothing at " + path + "."));
        }
        JsonNode next = at.get(part);
        if (next != null) {
            return next;
        }
        return MONTH.matcher(then).matches() ? ((ObjectNode) at).putArray(part) : ((ObjectNode) at).putObject(part);
    }

    private static boolean isMonth(ArrayNode list, String part) {
        return MONTH.matcher(part).matches() && list.valueStream().allMatch(line -> line.has("month"));
    }

    private static void replace(ArrayNode list, String id, JsonNode value, FactPath path) {
        for (int i = 0; i < list.size(); i++) {
            if (list.get(i).path("id").asString("").equals(id)) {
                list.set(i, value);
                return;
            }
        }
        throw new IllegalArgumentException("The case file has nothing at " + path + ".");
    }

    private static Optional<JsonNode> elementOf(ArrayNode list, String id) {
        if (POSITION.matcher(id).matches() && list.valueStream().noneMatch(element -> element.has("id"))) {
            return Optional.ofNullable(list.get(Integer.parseInt(id)));
        }
        String key = isMonth(list, id) ? "month" : "id";
        return list.valueStream()
                .filter(element -> element.path(key).asString("").equals(id))
                .findFirst();
    }

    private static Optional<String> personWhoseIncomes(FactPath path) {
        List<String> parts = parts(path);
        boolean matches = parts.size() == 3
                && parts.getFirst().equals("members")
                && parts.getLast().equals(INCOMES);
        return matches ? Optional.of(parts.get(1)) : Optional.empty();
    }

    /** Whether a path stands for one source of a person's income. */
    public static boolean isSource(FactPath path) {
        List<String> parts = parts(path);
        return parts.size() == 4
                && parts.getFirst().equals("members")
                && parts.get(2).equals(INCOMES);
    }

    /** The lines stand where the first of those that they replace stood, or come last. */
    private static void setSource(ObjectNode caseFile, String person, JsonNode value) {
        if (!value.path("lines").isArray()) {
            throw new IllegalArgumentException("A source of income is set by its lines.");
        }
        Set<String> instead =
                value.path("instead").valueStream().map(JsonNode::asString).collect(Collectors.toSet());
        ArrayNode lines = caseFile.arrayNode();
        boolean placed = false;
        for (JsonNode line : caseFile.path(INCOMES)) {
            if (!instead.contains(line.path("id").asString(""))) {
                lines.add(line);
            } else if (!placed) {
                value.path("lines").forEach(lines::add);
                placed = true;
            }
        }
        if (!placed) {
            value.path("lines").forEach(lines::add);
        }
        caseFile.set(INCOMES, lines);
        if (!value.path("lines").isEmpty()) {
            declare(caseFile, person, false);
        }
    }

    private static ObjectNode incomesOf(ObjectNode caseFile, String person) {
        ObjectNode found = caseFile.objectNode();
        ArrayNode lines = found.putArray("lines");
        caseFile.path(INCOMES)
                .valueStream()
                .filter(line -> line.path("member").asString("").equals(person))
                .forEach(lines::add);
        found.put(
                "none",
                caseFile.path(NO_INCOME)
                        .valueStream()
                        .anyMatch(id -> id.asString("").equals(person)));
        return found;
    }

    private static void setIncomesOf(ObjectNode caseFile, String person, JsonNode value) {
        ArrayNode lines = caseFile.arrayNode();
        caseFile.path(INCOMES)
                .valueStream()
                .filter(line -> !line.path("member").asString("").equals(person))
                .forEach(lines::add);
        value.path("lines").valueStream().forEach(lines::add);
        caseFile.set(INCOMES, lines);
        declare(caseFile, person, value.path("none").asBoolean(false));
    }

    private static void declare(ObjectNode caseFile, String person, boolean none) {
        ArrayNode declared = caseFile.arrayNode();
        caseFile.path(NO_INCOME)
                .valueStream()
                .filter(id -> !id.asString("").equals(person))
                .forEach(declared::add);
        if (none) {
            declared.add(person);
        }
        caseFile.set(NO_INCOME, declared);
    }

    private static List<String> parts(FactPath path) {
        return List.of(path.path().split("/"));
    }
}
