package org.civitane.core.fact;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.amount.Hundredths;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.Quarter;
import org.civitane.core.casefile.MayBeNegative;
import org.civitane.core.casefile.MustBeGiven;
import org.civitane.core.casefile.Unread;
import org.civitane.core.casefile.WrittenAs;
import org.civitane.core.occupation.UnitGroup;
import org.civitane.core.reasoning.FactPath;

/**
 * The facts of a record, made out of its components: the record is the format, so it is also the list of what there is.
 * A component's type is the fact's shape; {@link WordOf} says whose word it is. Of a record that holds its own kind, such
 * as a family tree, one level is a fact, and what lies below is kept as it stands.
 */
public final class FactSpecs {
    private static final Map<Class<?>, Shape> PLAIN = Map.ofEntries(
            Map.entry(String.class, new Shape.Text(false)),
            Map.entry(int.class, new Shape.Count()),
            Map.entry(long.class, new Shape.Count()),
            Map.entry(Integer.class, new Shape.Count()),
            Map.entry(boolean.class, new Shape.YesNo()),
            Map.entry(Boolean.class, new Shape.YesNo()),
            Map.entry(Hundredths.class, new Shape.Decimal()),
            Map.entry(LocalDate.class, new Shape.Day()),
            Map.entry(LocalDateTime.class, new Shape.Moment()),
            Map.entry(YearMonth.class, new Shape.Month()),
            Map.entry(Quarter.class, new Shape.Quarter()),
            Map.entry(UnitGroup.class, new Shape.Occupation()),
            Map.entry(Unread.class, new Shape.Unread()));

    private static final ClassValue<List<FactSpec>> KNOWN = new ClassValue<>() {
        @Override
        protected List<FactSpec> computeValue(Class<?> type) {
            return Arrays.stream(type.getRecordComponents())
                    .map(component -> spec(component, SaidBy.APPLICANT, Set.of()))
                    .toList();
        }
    };

    private FactSpecs() {}

    /** The facts of a record, in the order of its components. */
    public static List<FactSpec> of(Class<?> record) {
        return KNOWN.get(record);
    }

    /**
     * What the fact at a path looks like; nothing where the record holds none there.
     *
     * @param path such as {@code members/m1/dateOfBirth} or {@code expenses/0/amount}: a list is followed by an id or a
     *     place
     */
    public static Optional<Shape> shapeAt(List<FactSpec> facts, FactPath path) {
        Optional<Shape> at = Optional.of(new Shape.Group(facts));
        for (String step : path.path().split("/")) {
            at = at.flatMap(shape -> below(shape, step));
        }
        return at;
    }

    /** The fact at a path of names alone, such as {@code handover/authority}; nothing where there is none. */
    public static Optional<FactSpec> named(List<FactSpec> facts, FactPath path) {
        int last = path.path().lastIndexOf('/');
        Optional<Shape> around = last < 0
                ? Optional.of(new Shape.Group(facts))
                : shapeAt(facts, new FactPath(path.path().substring(0, last)));
        return around.filter(Shape.Group.class::isInstance)
                .flatMap(shape -> ((Shape.Group) shape)
                        .parts().stream()
                                .filter(part -> part.name().equals(path.path().substring(last + 1)))
                                .findFirst());
    }

    private static Optional<Shape> below(Shape shape, String step) {
        return switch (shape) {
            case Shape.Several several -> Optional.of(several.each());
            case Shape.ByWeekday week -> Optional.of(week.each());
            case Shape.Group group ->
                group.parts().stream()
                        .filter(part -> part.name().equals(step))
                        .map(FactSpec::shape)
                        .findFirst();
            default -> Optional.empty();
        };
    }

    private static FactSpec spec(RecordComponent component, SaidBy within, Set<Class<?>> around) {
        WordOf word = component.getAnnotation(WordOf.class);
        SaidBy saidBy = word == null ? within : word.value();
        WrittenAs written = component.getAnnotation(WrittenAs.class);
        boolean negative = component.isAnnotationPresent(MayBeNegative.class);
        Shape shape = marked(component)
                .orElseGet(() -> component.getType() == Money.class
                        ? new Shape.Amount(negative)
                        : shape(component.getGenericType(), saidBy, around));
        return new FactSpec(
                written == null ? component.getName() : written.value(), shape, saidBy, mayBeLeftOut(component));
    }

    /** What a text is, where its component says more than that it is one. */
    private static Optional<Shape> marked(RecordComponent component) {
        Code code = component.getAnnotation(Code.class);
        if (code != null) {
            return Optional.of(new Shape.Code(code.longest()));
        }
        if (component.isAnnotationPresent(Country.class)) {
            return Optional.of(new Shape.Choice(Country.CODES));
        }
        return component.isAnnotationPresent(Lines.class) ? Optional.of(new Shape.Text(true)) : Optional.empty();
    }

    /** As they are read: what is optional, a list, or yes or no may be left out. */
    private static boolean mayBeLeftOut(RecordComponent component) {
        Class<?> type = component.getType();
        return !component.isAnnotationPresent(MustBeGiven.class) && isEmptyWithout(type);
    }

    private static boolean isEmptyWithout(Class<?> type) {
        return type == Optional.class || type == List.class || type == Map.class || type == boolean.class;
    }

    private static Shape shape(Type type, SaidBy within, Set<Class<?>> around) {
        if (type instanceof ParameterizedType parameterized) {
            Type[] arguments = parameterized.getActualTypeArguments();
            if (parameterized.getRawType() == Optional.class) {
                return shape(arguments[0], within, around);
            }
            if (parameterized.getRawType() == List.class) {
                return new Shape.Several(shape(arguments[0], within, around));
            }
            if (parameterized.getRawType() == Map.class && arguments[0] == DayOfWeek.class) {
                return new Shape.ByWeekday(shape(arguments[1], within, around));
            }
        }
        if (type instanceof Class<?> single) {
            return shapeOfClass(single, within, around);
        }
        throw new IllegalStateException("Impossible state: no case file holds a " + type + ".");
    }

    private static Shape shapeOfClass(Class<?> type, SaidBy within, Set<Class<?>> around) {
        if (PLAIN.containsKey(type)) {
            return PLAIN.get(type);
        }
        if (type == Money.class) {
            return new Shape.Amount(false);
        }
        if (type.isEnum()) {
            return new Shape.Choice(Arrays.stream(type.getEnumConstants())
                    .map(constant -> ((Enum<?>) constant).name())
                    .toList());
        }
        if (around.contains(type)) {
            return new Shape.Unread();
        }
        if (type.isRecord()) {
            Set<Class<?>> here = new HashSet<>(around);
            here.add(type);
            return new Shape.Group(Arrays.stream(type.getRecordComponents())
                    .map(part -> spec(part, within, here))
                    .toList());
        }
        throw new IllegalStateException("Impossible state: no case file holds a " + type + ".");
    }
}
