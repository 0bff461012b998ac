package org.civitane.exchange.casefile;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the facts of a case file are called, and how their values read, by their paths. */
public final class FactNames {
    private static final List<String> TIES = List.of("id", "member", "signedAt");

    private final List<FactSpec> facts;
    private final Wording wording;
    private final JsonNode file;

    /**
     * @param facts that the programme knows
     * @param wording the programme's, which knows the names of the people
     * @param file the case file in which the paths lead somewhere
     */
    public FactNames(List<FactSpec> facts, Wording wording, JsonNode file) {
        this.facts = facts;
        this.wording = wording;
        this.file = file;
    }

    /** What stands at a path, and whose it is where it is someone's: {@code Runa: How much?}. */
    public String label(String path) {
        List<String> steps = Arrays.asList(path.split("/"));
        String first = steps.getFirst();
        String last = steps.getLast();
        String what = Stream.of(
                        "fact." + last,
                        "fact." + first + "." + last,
                        "question." + first + "." + last,
                        "question." + last,
                        "question." + first)
                .map(key -> key + ".label")
                .filter(wording::has)
                .findFirst()
                .map(wording::text)
                .orElseGet(() -> spaced(last));
        return whose(steps).map(name -> name + ": " + what).orElse(what);
    }

    /** A value in words, by what the fact there looks like; what only ties it to others is left out. */
    public String words(String path, JsonNode value) {
        if (value.path("lines").isArray()) {
            return value.path("lines")
                    .valueStream()
                    .map(line -> words("incomes/" + line.path("id").asString("any"), line))
                    .collect(Collectors.collectingAndThen(
                            Collectors.joining("; "), lines -> lines.isEmpty() ? wording.text("word.nothing") : lines));
        }
        return FactText.at(new FactPath(path), told(value), facts, wording);
    }

    private static JsonNode told(JsonNode value) {
        JsonNode copy = value.deepCopy();
        for (JsonNode each : copy.isArray() ? copy : List.of(copy)) {
            if (each instanceof ObjectNode object) {
                object.remove(TIES);
            }
        }
        return copy;
    }

    private Optional<String> whose(List<String> steps) {
        if (steps.size() < 2) {
            return Optional.empty();
        }
        String id = steps.get(1);
        if (steps.getFirst().equals("members")) {
            return Optional.of(nameOf(id));
        }
        return file.path(steps.getFirst())
                .valueStream()
                .filter(line -> line.path("id").asString("").equals(id))
                .map(line -> line.path("member").asString(""))
                .filter(member -> !member.isEmpty())
                .findFirst()
                .map(this::nameOf);
    }

    private String nameOf(String id) {
        return file.path("members")
                .valueStream()
                .filter(member -> member.path("id").asString("").equals(id))
                .map(WholeName::of)
                .findFirst()
                .orElse(id);
    }

    /** A name of the case file as words, for what has no text of its own: {@code postCode}, "post code". */
    private static String spaced(String name) {
        return name.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT);
    }
}
