package org.civitane.exchange.binding;

import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.util.Map;
import java.util.function.Consumer;
import org.civitane.core.reasoning.Value;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;

/**
 * Results as JSON: amounts and decimals as texts, counts as numbers, dates in ISO form, null only for what is known to
 * have no value.
 */
public final class Values {
    private Values() {}

    /** Writes one document to {@code out}, which stays open. */
    public static void write(ByteArrayOutputStream out, Consumer<JsonGenerator> document) {
        try (JsonGenerator json = Json.factory().createGenerator(ObjectWriteContext.empty(), (OutputStream) out)) {
            document.accept(json);
        }
    }

    /** Writes one value as a document to {@code out}, which stays open. */
    public static void write(ByteArrayOutputStream out, Value value) {
        write(out, json -> write(json, value));
    }

    /** Writes an object. */
    public static void write(JsonGenerator json, Map<String, Value> fields) {
        json.writeStartObject();
        writeFields(json, fields);
        json.writeEndObject();
    }

    /** Writes fields into the object that is open. */
    public static void writeFields(JsonGenerator json, Map<String, Value> fields) {
        fields.forEach((name, value) -> {
            json.writeName(name);
            write(json, value);
        });
    }

    /** Writes one value. */
    public static void write(JsonGenerator json, Value value) {
        switch (value) {
            case Value.Amount amount -> json.writeString(amount.money().toString());
            case Value.Count count -> json.writeNumber(count.number());
            case Value.Word word -> json.writeString(word.text());
            case Value.Day day -> json.writeString(day.date().toString());
            case Value.Month month -> json.writeString(month.month().toString());
            case Value.QuarterYear quarter -> json.writeString(quarter.quarter().toString());
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
