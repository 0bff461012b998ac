package org.civitane.exchange.binding;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.DayOfWeek;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.civitane.core.amount.Money;
import org.civitane.core.casefile.MayBeNegative;
import org.civitane.core.casefile.Unread;
import org.civitane.core.casefile.WrittenAs;
import tools.jackson.core.JsonParser;

/**
 * Makes readers for records out of their components: a component's name is the field's name, its type says what the
 * field may hold.
 *
 * <ul>
 *   <li>{@code Optional<T>}: the field may be left out; a blank text counts as left out.
 *   <li>{@code List<T>}: left out, it is empty; so is {@code Map<DayOfWeek, T>}, whose keys are "1" to "7".
 *   <li>{@code boolean}: left out, it is false.
 *   <li>{@code Money}: a text with at most two decimals, not below 0 unless {@link MayBeNegative}.
 *   <li>{@code Unread}: any object, whose contents are passed over.
 *   <li>Anything else must be there.
 * </ul>
 *
 * <p>A field that no component names is an error, and so is null, unless {@link MayBeNull} allows it. A component has
 * another name in the file when {@link WrittenAs} says so.
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

    /**
     * Reads the rest of an object of which some fields were read before.
     *
     * @param parser stands at the last token of the last field read
     * @throws BadInput as {@link #read}
     */
    public static <T> T readRest(JsonParser parser, Class<T> type) {
        return type.cast(readerOf(type).readFields(parser));
    }

    /**
     * Reads the list at which the parser stands.
     *
     * @throws BadInput as {@link #read}
     */
    public static <T> List<T> readList(JsonParser parser, Class<T> type) {
        return Containers.listOf(readerOf(type)).read(parser).stream()
                .map(type::cast)
                .toList();
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

    static String nameOf(RecordComponent component) {
        WrittenAs written = component.getAnnotation(WrittenAs.class);
        return written == null ? component.getName() : written.value();
    }

    private static Reader<?> readerFor(Type type) {
        if (type instanceof ParameterizedType parameterized) {
            Type[] arguments = parameterized.getActualTypeArguments();
            if (parameterized.getRawType() == Optional.class) {
                return readerFor(arguments[0]);
            }
            if (parameterized.getRawType() == List.class) {
                return Containers.listOf(readerFor(arguments[0]));
            }
            if (parameterized.getRawType() == Map.class && arguments[0] == DayOfWeek.class) {
                return Containers.byWeekday(readerFor(arguments[1]));
            }
        }
        return type instanceof Class<?> single ? readerForClass(single) : unsupported(type);
    }

    private static Reader<?> readerForClass(Class<?> type) {
        Reader<?> scalar = Scalars.READERS.get(type);
        if (scalar != null) {
            return scalar;
        }
        if (type == Unread.class) {
            return Containers::passOver;
        }
        if (type.isEnum()) {
            return Scalars.oneOf(type);
        }
        return type.isRecord() ? new OfRecord(type) : unsupported(type);
    }

    /** Looks for the reader of a record when it is first used, since a record may hold its own kind. */
    private static final class OfRecord implements Reader<Object> {
        private final Class<?> type;
        private Optional<RecordReader<?>> known = Optional.empty();

        private OfRecord(Class<?> type) {
            this.type = type;
        }

        @Override
        public Object read(JsonParser parser) {
            if (known.isEmpty()) {
                known = Optional.of(readerOf(type));
            }
            return known.get().read(parser);
        }
    }

    private static Reader<?> unsupported(Type type) {
        throw new IllegalStateException("Impossible state: no case file holds a " + type + ".");
    }
}
