package org.civitane.core.programme;

import java.util.Map;
import org.civitane.core.reasoning.Figures;
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
        more = Figures.copyOf(more);
    }

    /** An outcome to which the chapter adds nothing. */
    public static Outcome of(String subject, Enum<?> result, Enum<?> basis) {
        return of(subject, result, basis, Figures.NONE);
    }

    /** An outcome with what the chapter adds. */
    public static Outcome of(String subject, Enum<?> result, Enum<?> basis, Figures more) {
        return new Outcome(subject, result.name(), basis.name(), more);
    }
}
