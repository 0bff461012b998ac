package org.civitane.exchange.binding;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.civitane.core.casefile.Unread;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/** Readers of lists, of maps, and of what no rule reads. */
final class Containers {
    private Containers() {}

    /** A blank text in a list stays: its place may matter, and the rules say what it means. */
    static Reader<List<Object>> listOf(Reader<?> element) {
        return parser -> {
            if (parser.currentToken() != JsonToken.START_ARRAY) {
                throw Scalars.wrongType(parser, "list");
            }
            List<Object> values = new ArrayList<>();
            while (parser.nextToken() != JsonToken.END_ARRAY) {
                try {
                    values.add(element.read(parser));
                } catch (BadInput e) {
                    throw e.below(String.valueOf(values.size()));
                }
            }
            return values;
        };
    }

    /** An object with the ISO weekday, 1 to 7, as key. */
    static Reader<Map<DayOfWeek, Object>> byWeekday(Reader<?> element) {
        return parser -> {
            if (parser.currentToken() != JsonToken.START_OBJECT) {
                throw Scalars.wrongType(parser, "object");
            }
            Map<DayOfWeek, Object> values = new EnumMap<>(DayOfWeek.class);
            for (String key = parser.nextName(); key != null; key = parser.nextName()) {
                parser.nextToken();
                try {
                    if (values.put(weekday(key), element.read(parser)) != null) {
                        throw BadInput.at("", "weekday-twice");
                    }
                } catch (BadInput e) {
                    throw e.below(key);
                }
            }
            return values;
        };
    }

    static Unread passOver(JsonParser parser) {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
            throw Scalars.wrongType(parser, "object");
        }
        parser.skipChildren();
        return new Unread();
    }

    private static DayOfWeek weekday(String key) {
        if (key.length() != 1 || key.charAt(0) < '1' || key.charAt(0) > '7') {
            throw BadInput.at("", "weekday");
        }
        return DayOfWeek.of(key.charAt(0) - '0');
    }
}
