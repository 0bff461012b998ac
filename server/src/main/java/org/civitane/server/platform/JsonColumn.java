package org.civitane.server.platform;

import org.civitane.exchange.binding.Json;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** JSON as the database keeps it, and back. */
public final class JsonColumn {
    private JsonColumn() {}

    public static JsonNode read(String json) {
        return Json.mapper().readTree(json);
    }

    public static ObjectNode readObject(String json) {
        return (ObjectNode) Json.mapper().readTree(json);
    }

    public static <T> T read(String json, Class<T> type) {
        return Json.mapper().readValue(json, type);
    }

    /** Any record, list or tree as JSON. */
    public static String write(Object value) {
        return Json.mapper().writeValueAsString(value);
    }

    /** Any record, list or tree as JSON in UTF-8. */
    public static byte[] bytes(Object value) {
        return Json.mapper().writeValueAsBytes(value);
    }

    public static ObjectNode object() {
        return Json.mapper().createObjectNode();
    }
}
