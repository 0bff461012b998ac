package org.civitane.exchange.casefile;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.Step;
import org.civitane.exchange.binding.Values;
import tools.jackson.core.JsonGenerator;

/** Determinations as JSON, in the field order of rulebook 0.8. */
public final class Determinations {
    private Determinations() {}

    /** One determination as a document, without a line end. */
    public static String toJson(Determination determination, boolean withReasons) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(1024);
        write(out, determination, withReasons);
        return out.toString(StandardCharsets.UTF_8);
    }

    /** Writes one determination as a document, without a line end, to {@code out}, which stays open. */
    public static void write(ByteArrayOutputStream out, Determination determination, boolean withReasons) {
        Values.write(out, json -> write(json, determination, withReasons));
    }

    private static void write(JsonGenerator json, Determination determination, boolean withReasons) {
        json.writeStartObject();
        json.writeStringProperty("programme", determination.programme());
        json.writeStringProperty("receivedOn", determination.receivedOn().toString());
        json.writeName("policy");
        json.writeStartObject();
        determination
                .policy()
                .forEach(version -> json.writeStringProperty(
                        version.table(), version.effective().toString()));
        json.writeEndObject();
        json.writeStringProperty("status", determination.status().name());
        json.writeName("outcomes");
        json.writeStartArray();
        determination.outcomes().forEach(outcome -> write(json, outcome));
        json.writeEndArray();
        json.writeName("figures");
        Values.write(json, determination.figures());
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
        Values.writeFields(json, outcome.more());
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
                Values.write(json, input.value());
            });
            json.writeEndObject();
            json.writeName("result");
            Values.write(json, step.result());
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
}
