package org.civitane.core.reasoning;

import java.time.LocalDate;
import java.util.AbstractMap;
import java.util.AbstractSet;
import java.util.Arrays;
import java.util.Iterator;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.IntStream;
import org.civitane.core.amount.Money;

/** Values under names, in the order in which a chapter names them. An immutable map; equal when its entries are. */
public final class Figures extends AbstractMap<String, Value> {
    /** No figures. */
    public static final Figures NONE = new Builder(0).build();

    private final String[] names;
    private final Value[] values;

    private Figures(String[] names, Value[] values) {
        this.names = names;
        this.values = values;
    }

    /** @param expected about how many there will be */
    public static Builder builder(int expected) {
        return new Builder(expected);
    }

    /** The same values in the same order, in a map that nothing changes. */
    public static Figures copyOf(Map<String, Value> figures) {
        if (figures instanceof Figures immutable) {
            return immutable;
        }
        Builder builder = builder(figures.size());
        figures.forEach(builder::add);
        return builder.build();
    }

    /** These figures followed by one more. */
    public Figures with(String name, Value value) {
        Builder builder = builder(names.length + 1);
        forEach(builder::add);
        return builder.add(name, value).build();
    }

    @Override
    public Value get(Object name) {
        for (int i = 0; i < names.length; i++) {
            if (names[i].equals(name)) {
                return values[i];
            }
        }
        return null;
    }

    @Override
    public boolean containsKey(Object name) {
        return get(name) != null;
    }

    @Override
    public int size() {
        return names.length;
    }

    @Override
    public void forEach(BiConsumer<? super String, ? super Value> action) {
        for (int i = 0; i < names.length; i++) {
            action.accept(names[i], values[i]);
        }
    }

    @Override
    public Set<Entry<String, Value>> entrySet() {
        return new AbstractSet<>() {
            @Override
            public Iterator<Entry<String, Value>> iterator() {
                return IntStream.range(0, names.length)
                        .<Entry<String, Value>>mapToObj(i -> Map.entry(names[i], values[i]))
                        .iterator();
            }

            @Override
            public int size() {
                return names.length;
            }
        };
    }

    /** Collects figures; each name once. */
    public static final class Builder {
        private String[] names;
        private Value[] values;
        private int size;

        private Builder(int expected) {
            names = new String[expected];
            values = new Value[expected];
        }

        public Builder add(String name, Value value) {
            if (size == names.length) {
                names = Arrays.copyOf(names, size * 2 + 4);
                values = Arrays.copyOf(values, size * 2 + 4);
            }
            names[size] = name;
            values[size] = value;
            size++;
            return this;
        }

        public Builder add(String name, Money amount) {
            return add(name, Value.of(amount));
        }

        public Builder add(String name, long count) {
            return add(name, Value.of(count));
        }

        public Builder add(String name, boolean holds) {
            return add(name, Value.of(holds));
        }

        public Builder add(String name, LocalDate day) {
            return add(name, Value.of(day));
        }

        public Builder add(String name, Enum<?> word) {
            return add(name, Value.of(word));
        }

        public Builder add(String name, String word) {
            return add(name, Value.of(word));
        }

        public Figures build() {
            boolean exact = size == names.length;
            return new Figures(
                    exact ? names : Arrays.copyOf(names, size), exact ? values : Arrays.copyOf(values, size));
        }
    }
}
