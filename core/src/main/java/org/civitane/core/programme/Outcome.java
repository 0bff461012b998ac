package org.civitane.core.programme;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.civitane.core.reasoning.Value;

/**
 * What one subject gets.
 *
 * @param subject a person's id, {@code household}, a parcel …
 * @param result the result, in the chapter's word
 * @param basis why, in the chapter's word
 * @param more what the chapter adds, in its order
 */
public record Outcome(String subject, String result, String basis, Map<String, Value> more) {
    public Outcome {
        more = more.isEmpty() ? Map.of() : Collections.unmodifiableMap(new LinkedHashMap<>(more));
    }

    /** An outcome to which the chapter adds nothing. */
    public static Outcome of(String subject, Enum<?> result, Enum<?> basis) {
        return new Outcome(subject, result.name(), basis.name(), Map.of());
    }

    /** This outcome with one more value under {@code name}. */
    public Outcome with(String name, Value value) {
        Map<String, Value> longer = new LinkedHashMap<>(more);
        longer.put(name, value);
        return new Outcome(subject, result, basis, longer);
    }
}
