package org.civitane.exchange.casefile;

import java.util.List;
import java.util.Optional;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.Shape;
import tools.jackson.databind.JsonNode;

/** Whether people wrote nothing but a code where only a code is meant: one of a list, or the number of something. */
public final class Codes {
    private Codes() {}

    /** The path, with slashes, of the first fact that holds another text than a code; nothing when there is none. */
    public static Optional<String> misfit(JsonNode said, List<FactSpec> facts) {
        return misfit(said, new Shape.Group(facts), "");
    }

    /** Whether a value holds only codes where its shape holds only codes; what is no text is for its reader to refuse. */
    public static boolean fits(JsonNode value, Shape shape) {
        return misfit(value, shape, "").isEmpty();
    }

    private static Optional<String> misfit(JsonNode value, Shape shape, String path) {
        return switch (shape) {
            case Shape.Choice choice -> refused(path, isOther(value, choice.of()));
            case Shape.Code code -> refused(path, value.isString() && !code.fits(value.asString()));
            case Shape.Group group ->
                group.parts().stream()
                        .flatMap(part ->
                                misfit(value.path(part.name()), part.shape(), below(path, part.name())).stream())
                        .findFirst();
            case Shape.Several several -> {
                for (int i = 0; i < value.size(); i++) {
                    Optional<String> inner = misfit(value.path(i), several.each(), below(path, String.valueOf(i)));
                    if (inner.isPresent()) {
                        yield inner;
                    }
                }
                yield Optional.empty();
            }
            default -> Optional.empty();
        };
    }

    private static boolean isOther(JsonNode value, List<String> codes) {
        return value.isString() && !value.asString().isEmpty() && !codes.contains(value.asString());
    }

    private static Optional<String> refused(String path, boolean isOther) {
        return isOther ? Optional.of(path) : Optional.empty();
    }

    private static String below(String path, String name) {
        return path.isEmpty() ? name : path + "/" + name;
    }
}
