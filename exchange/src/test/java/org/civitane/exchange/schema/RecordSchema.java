package org.civitane.exchange.schema;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.casefile.MayBeNegative;
import org.civitane.core.casefile.MustBeGiven;
import org.civitane.core.casefile.WrittenAs;
import org.civitane.exchange.binding.Json;
import org.civitane.exchange.binding.MayBeNull;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The JSON Schema of what a record is read from, made from its components as the binding reads them. */
final class RecordSchema {
    private static final String DECIMALS = "[0-9]{1,12}(\\.[0-9]{1,2})?$";

    private RecordSchema() {}

    static ObjectNode of(Class<?> type) {
        return of(type, Set.of());
    }

    /** @param around the records that hold it; one that holds its own kind is told once */
    private static ObjectNode of(Class<?> type, Set<Class<?>> around) {
        if (around.contains(type)) {
            return typed("object");
        }
        Set<Class<?>> here = new HashSet<>(around);
        here.add(type);
        ObjectNode schema = typed("object");
        ObjectNode properties = schema.putObject("properties");
        ArrayNode required = schema.putArray("required");
        for (RecordComponent component : type.getRecordComponents()) {
            WrittenAs written = component.getAnnotation(WrittenAs.class);
            String name = written == null ? component.getName() : written.value();
            properties.set(name, ofComponent(component, here));
            if (component.isAnnotationPresent(MustBeGiven.class) || isRequired(component.getType())) {
                required.add(name);
            }
        }
        return schema.put("additionalProperties", false);
    }

    private static ObjectNode ofComponent(RecordComponent component, Set<Class<?>> around) {
        if (component.isAnnotationPresent(MayBeNegative.class)) {
            return typed("string").put("pattern", "^-?" + DECIMALS);
        }
        ObjectNode schema = of(component.getGenericType(), around);
        if (component.isAnnotationPresent(MayBeNull.class)) {
            ObjectNode either = Json.mapper().createObjectNode();
            either.putArray("anyOf").add(schema).add(typed("null"));
            return either;
        }
        return schema;
    }

    private static boolean isRequired(Class<?> type) {
        return type != Optional.class && type != List.class && type != Map.class && type != boolean.class;
    }

    private static ObjectNode of(Type type, Set<Class<?>> around) {
        if (type instanceof ParameterizedType parameterized) {
            Type[] arguments = parameterized.getActualTypeArguments();
            if (parameterized.getRawType() == Optional.class) {
                return of(arguments[0], around);
            }
            if (parameterized.getRawType() == List.class) {
                return typed("array").set("items", of(arguments[0], around));
            }
            ObjectNode byWeekday = typed("object");
            byWeekday.putObject("patternProperties").set("^[1-7]$", of(arguments[1], around));
            return byWeekday.put("additionalProperties", false);
        }
        return ofClass((Class<?>) type, around);
    }

    private static ObjectNode ofClass(Class<?> type, Set<Class<?>> around) {
        if (type.isEnum()) {
            ObjectNode schema = Json.mapper().createObjectNode();
            ArrayNode words = schema.putArray("enum");
            for (Object word : type.getEnumConstants()) {
                words.add(word.toString());
            }
            return schema;
        }
        return switch (type.getSimpleName()) {
            case "String" -> typed("string");
            case "Money", "Hundredths" -> typed("string").put("pattern", "^" + DECIMALS);
            case "LocalDate" -> typed("string").put("format", "date");
            case "LocalDateTime" -> pattern("^[0-9]{4}-[0-9]{2}-[0-9]{2}T[0-9]{2}:[0-9]{2}:[0-9]{2}$");
            case "YearMonth" -> pattern("^[0-9]{4}-(0[1-9]|1[0-2])$");
            case "Quarter" -> pattern("^[0-9]{4}Q[1-4]$");
            case "boolean", "Boolean" -> typed("boolean");
            case "int", "Integer", "long" -> typed("integer");
            case "Unread" -> typed("object");
            default -> of(type, around);
        };
    }

    private static ObjectNode pattern(String pattern) {
        return typed("string").put("pattern", pattern);
    }

    private static ObjectNode typed(String type) {
        return Json.mapper().createObjectNode().put("type", type);
    }
}
