package org.civitane.exchange.casefile;

import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.Step;
import org.civitane.core.reasoning.Value;
import org.civitane.exchange.binding.Json;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;

/** Determinations as JSON, in the field order of rulebook 0.8. */
public final class Determinations {
    private Determinations() {}

    /** One determination as a document, without a line end. */
    public static String toJson(Determination determination, boolean withReasons) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(1024);
        try (JsonGenerator json = Json.factory().createGenerator(ObjectWriteContext.empty(), out)) {
            write(json, determination, withReasons);
        }
        return out.toString(StandardCharsets.UTF_8);
    }

    /** Writes one determination to {@code out}, which stays open. */
    public static void write(OutputStream out, Determination determination, boolean withReasons) {
        byte[] json = toJson(determination, withReasons).getBytes(StandardCharsets.UTF_8);
        try {
            out.write(json);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static void write(JsonGenerator json, Determination determination, boolean withReasons) {
        json.writeStartObject();
        json.writeStringProperty("programme", determination.programme());
        json.writeStringProperty("receivedOn", determination.receivedOn().toString());
        json.writeName("policy");
        json.writeStartObject();
        determination.policy().forEach((table, effective) -> json.writeStringProperty(table, effective.toString()));
        json.writeEndObject();
        json.writeStringProperty("status", determination.status().name());
        json.writeName("outcomes");
        json.writeStartArray();
        determination.outcomes().forEach(outcome -> write(json, outcome));
        json.writeEndArray();
        json.writeName("figures");
        write(json, determination.figures());
        json.writeName("missing");
        json.writeStartArray();
        determination.missing().forEach(json::writeString);
        json.writeEndArray();
        json.writeStringProperty("dueBy", determination.dueBy().toString());
        if (withReasons) {
            writeSteps(json, "reasons", determination.reasons());
        }
        json.writeEndObject();
    }

    private static void write(JsonGenerator json, Outcome outcome) {
        json.writeStartObject();
        json.writeStringProperty("subject", outcome.subject());
        json.writeStringProperty("result", outcome.result());
        json.writeStringProperty("basis", outcome.basis());
        writeFields(json, outcome.more());
        json.writeEndObject();
    }

    private static void writeSteps(JsonGenerator json, String name, List<Step> steps) {
        json.writeName(name);
        json.writeStartArray();
        for (Step step : steps) {
            json.writeStartObject();
            json.writeStringProperty("code", step.code());
            json.writeStringProperty("rule", step.rule().toString());
            step.policy().ifPresent(policy -> json.writeStringProperty("policy", policy));
            json.writeName("inputs");
            json.writeStartObject();
            step.inputs().forEach(input -> {
                json.writeName(input.name());
                write(json, input.value());
            });
            json.writeEndObject();
            json.writeName("result");
            write(json, step.result());
            json.writeName("facts");
            json.writeStartArray();
            step.facts().forEach(fact -> json.writeString(fact.path()));
            json.writeEndArray();
            if (!step.steps().isEmpty()) {
                writeSteps(json, "steps", step.steps());
            }
            json.writeEndObject();
        }
        json.writeEndArray();
    }

    private static void write(JsonGenerator json, Map<String, Value> fields) {
        json.writeStartObject();
        writeFields(json, fields);
        json.writeEndObject();
    }

    private static void writeFields(JsonGenerator json, Map<String, Value> fields) {
        fields.forEach((name, value) -> {
            json.writeName(name);
            write(json, value);
        });
    }

    private static void write(JsonGenerator json, Value value) {
        switch (value) {
            case Value.Amount amount -> json.writeString(amount.money().toString());
            case Value.Count count -> json.writeNumber(count.number());
            case Value.Word word -> json.writeString(word.text());
            case Value.Day day -> json.writeString(day.date().toString());
            case Value.Flag flag -> json.writeBoolean(flag.holds());
            case Value.Decimal decimal -> json.writeString(decimal.number().toPlainString());
            case Value.Row row -> {
                json.writeStartArray();
                row.values().forEach(element -> write(json, element));
                json.writeEndArray();
            }
            case Value.Fields fields -> write(json, fields.values());
            case Value.Nothing ignored -> json.writeNull();
        }
    }
}
