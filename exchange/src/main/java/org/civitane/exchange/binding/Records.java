package org.civitane.exchange.binding;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.MayBeNegative;
import org.civitane.core.casefile.Unread;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/**
 * Makes readers for records out of their components: a component's name is the field's name, its type says what the
 * field may hold.
 *
 * <ul>
 *   <li>{@code Optional<T>}: the field may be left out; a blank text counts as left out.
 *   <li>{@code List<T>}: left out, it is empty. {@code boolean}: left out, it is false.
 *   <li>{@code Money}: a text with at most two decimals, not below 0 unless {@link MayBeNegative}.
 *   <li>{@code Unread}: any object, whose contents are passed over.
 *   <li>Anything else must be there.
 * </ul>
 *
 * <p>A field that no component names is an error, and so is null.
 */
public final class Records {
    private static final Map<Class<?>, RecordReader<?>> READERS = new ConcurrentHashMap<>();

    private Records() {}

    /**
     * Reads the object at which the parser stands.
     *
     * @throws BadInput at the first fault, with its pointer
     */
    public static <T> T read(JsonParser parser, Class<T> type) {
        return type.cast(readerOf(type).read(parser));
    }

    private static RecordReader<?> readerOf(Class<?> type) {
        RecordReader<?> known = READERS.get(type);
        if (known == null) {
            known = RecordReader.of(type);
            READERS.put(type, known);
        }
        return known;
    }

    static Reader<?> readerFor(RecordComponent component) {
        if (component.getType() == Money.class) {
            return component.isAnnotationPresent(MayBeNegative.class) ? Scalars::amount : Scalars::amountFromZero;
        }
        return readerFor(component.getGenericType());
    }

    private static Reader<?> readerFor(Type type) {
        if (type instanceof ParameterizedType parameterized) {
            Reader<?> inner = readerFor(parameterized.getActualTypeArguments()[0]);
            if (parameterized.getRawType() == Optional.class) {
                return inner;
            }
            if (parameterized.getRawType() == List.class) {
                return listOf(inner);
            }
        }
        return type instanceof Class<?> single ? readerForClass(single) : unsupported(type);
    }

    private static Reader<?> readerForClass(Class<?> type) {
        if (type == String.class) {
            return Scalars::text;
        }
        if (type == Money.class) {
            return Scalars::amountFromZero;
        }
        if (type == boolean.class || type == Boolean.class) {
            return Scalars::flag;
        }
        if (type == int.class || type == Integer.class) {
            return Scalars::wholeNumber;
        }
        if (type == LocalDate.class) {
            return Scalars::date;
        }
        if (type == LocalDateTime.class) {
            return Scalars::dateTime;
        }
        if (type == Unread.class) {
            return Records::passOver;
        }
        if (type.isEnum()) {
            return Scalars.oneOf(type);
        }
        return type.isRecord() ? readerOf(type) : unsupported(type);
    }

    private static Reader<List<Object>> listOf(Reader<?> element) {
        return parser -> {
            if (parser.currentToken() != JsonToken.START_ARRAY) {
                throw Scalars.wrongType(parser, "a list");
            }
            List<Object> values = new ArrayList<>();
            while (parser.nextToken() != JsonToken.END_ARRAY) {
                try {
                    Object value = element.read(parser);
                    if (value instanceof String text && text.isBlank()) {
                        throw new BadInput("", "A text in a list cannot be empty.");
                    }
                    values.add(value);
                } catch (BadInput e) {
                    throw e.below(String.valueOf(values.size()));
                }
            }
            return values;
        };
    }

    private static Unread passOver(JsonParser parser) {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
            throw Scalars.wrongType(parser, "an object");
        }
        parser.skipChildren();
        return new Unread();
    }

    private static Reader<?> unsupported(Type type) {
        throw new IllegalStateException("Impossible state: no case file holds a " + type + ".");
    }
}
