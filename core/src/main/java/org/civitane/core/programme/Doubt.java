package org.civitane.core.programme;

import java.util.Map;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Value;

/**
 * Something in an application that may stay as it is, but that one hardly meant, or that refuses it whatever else is
 * told. Whoever applies hears of it where they told it, and may leave it.
 *
 * @param code whose words are {@code doubt.<code>}
 * @param path of the fact
 * @param figures what the words have places for
 */
public record Doubt(String code, FactPath path, Map<String, Value> figures) {
    public Doubt {
        figures = Map.copyOf(figures);
    }

    public static Doubt of(String code, String path) {
        return new Doubt(code, new FactPath(path), Map.of());
    }
}
