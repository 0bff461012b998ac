package org.civitane.cli;

import java.io.StringWriter;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.binding.Json;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;

/** What stands in place of a determination when the input was bad. */
final class ErrorLine {
    private ErrorLine() {}

    /** @param line the input line, from 1, on which the document begins */
    static String of(long line, BadInput fault) {
        StringWriter out = new StringWriter();
        try (JsonGenerator json = Json.factory().createGenerator(ObjectWriteContext.empty(), out)) {
            json.writeStartObject();
            json.writeName("error");
            json.writeStartObject();
            json.writeNumberProperty("line", line);
            json.writeStringProperty("pointer", fault.pointer());
            json.writeStringProperty("message", fault.getMessage());
            json.writeEndObject();
            json.writeEndObject();
        }
        return out.toString();
    }
}
