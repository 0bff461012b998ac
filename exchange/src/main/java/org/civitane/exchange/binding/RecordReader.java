package org.civitane.exchange.binding;

import java.lang.invoke.MethodHandle;
import java.lang.invoke.MethodHandles;
import java.lang.invoke.MethodType;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.casefile.BlankIsGiven;
import org.civitane.core.casefile.InvalidFact;
import org.civitane.core.casefile.MustBeGiven;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;

/**
 * Reads objects into one type of record.
 *
 * @param <T> the record
 */
final class RecordReader<T> implements Reader<T> {
    private static final Optional<Boolean> YES = Optional.of(true);
    private static final Optional<Boolean> NO = Optional.of(false);

    private final String[] names;
    private final Reader<?>[] readers;
    private final Absence[] absences;
    private final boolean[] nullable;
    private final boolean[] keepsBlank;
    private final Map<String, Integer> positions = new HashMap<>();
    private final MethodHandle constructor;

    private enum Absence {
        ERROR,
        EMPTY_OPTIONAL,
        EMPTY_LIST,
        EMPTY_MAP,
        FALSE
    }

    private RecordReader(Class<T> type) throws ReflectiveOperationException {
        RecordComponent[] components = type.getRecordComponents();
        if (components.length > Long.SIZE) {
            throw new IllegalStateException("Impossible state: " + type + " has more fields than bits in a long.");
        }
        names = new String[components.length];
        readers = new Reader<?>[components.length];
        absences = new Absence[components.length];
        nullable = new boolean[components.length];
        keepsBlank = new boolean[components.length];
        for (int i = 0; i < components.length; i++) {
            names[i] = Records.nameOf(components[i]);
            readers[i] = Records.readerFor(components[i]);
            absences[i] = components[i].isAnnotationPresent(MustBeGiven.class)
                    ? Absence.ERROR
                    : absenceOf(components[i].getType());
            nullable[i] = components[i].isAnnotationPresent(MayBeNull.class);
            keepsBlank[i] = components[i].isAnnotationPresent(BlankIsGiven.class);
            positions.put(names[i], i);
        }
        Class<?>[] types =
                Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
        constructor = MethodHandles.publicLookup()
                .unreflectConstructor(type.getConstructor(types))
                .asSpreader(Object[].class, types.length)
                .asType(MethodType.methodType(Object.class, Object[].class));
    }

    static <T> RecordReader<T> of(Class<T> type) {
        try {
            return new RecordReader<>(type);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException("Impossible state: " + type + " is no public record.", e);
        }
    }

    @Override
    public T read(JsonParser parser) {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
            throw Scalars.wrongType(parser, "object");
        }
        return readFields(parser);
    }

    /** Reads the fields that follow, up to the object's end. */
    T readFields(JsonParser parser) {
        Object[] values = new Object[names.length];
        long given = 0;
        int expected = 0;
        for (String name = parser.nextName(); name != null; name = parser.nextName()) {
            parser.nextToken();
            int position = positionOf(name, expected);
            if ((given >> position & 1) != 0) {
                throw BadInput.at("", "given-twice", name).below(name);
            }
            given |= 1L << position;
            expected = position + 1;
            readField(parser, name, position, values);
        }
        for (int i = 0; i < values.length; i++) {
            if (values[i] == null) {
                values[i] = absent(i);
            }
        }
        return construct(values);
    }

    /** Fields mostly come in the order of the record, so the one after the last is tried first. */
    private int positionOf(String name, int expected) {
        if (expected < names.length && names[expected].equals(name)) {
            return expected;
        }
        Integer position = positions.get(name);
        if (position == null) {
            throw BadInput.at("", "no-field-called", name).below(name);
        }
        return position;
    }

    private void readField(JsonParser parser, String name, int position, Object[] values) {
        try {
            if (!isNotGiven(parser, position)) {
                Object value = readers[position].read(parser);
                values[position] = absences[position] == Absence.EMPTY_OPTIONAL ? given(value) : value;
            }
        } catch (BadInput e) {
            throw e.below(name);
        }
    }

    private static Optional<?> given(Object value) {
        return value instanceof Boolean flag ? flag ? YES : NO : Optional.of(value);
    }

    /** A text that is empty or only white space counts as not given (rulebook 0.8), whatever it should have held. */
    private boolean isNotGiven(JsonParser parser, int position) {
        return switch (parser.currentToken()) {
            case VALUE_STRING -> !keepsBlank[position] && parser.getString().isBlank();
            case VALUE_NULL -> nullable[position];
            default -> false;
        };
    }

    private Object absent(int i) {
        return switch (absences[i]) {
            case EMPTY_OPTIONAL -> Optional.empty();
            case EMPTY_LIST -> List.of();
            case EMPTY_MAP -> Map.of();
            case FALSE -> Boolean.FALSE;
            case ERROR -> throw BadInput.at("/" + names[i], "must-be-given", names[i]);
        };
    }

    @SuppressWarnings("unchecked") // the handle is the constructor of T
    private T construct(Object[] values) {
        try {
            return (T) constructor.invokeExact(values);
        } catch (InvalidFact e) {
            throw new BadInput(e.pointer(), e.fault());
        } catch (RuntimeException | Error e) {
            throw e;
        } catch (Throwable e) {
            throw new IllegalStateException("Impossible state: a record's constructor threw a checked exception.", e);
        }
    }

    private static Absence absenceOf(Class<?> type) {
        if (type == Optional.class) {
            return Absence.EMPTY_OPTIONAL;
        }
        if (type == List.class) {
            return Absence.EMPTY_LIST;
        }
        if (type == Map.class) {
            return Absence.EMPTY_MAP;
        }
        return type == boolean.class ? Absence.FALSE : Absence.ERROR;
    }
}
