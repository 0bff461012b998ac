package org.civitane.server;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every call that the server takes, from the server itself, so that a new one is tested like the others. */
final class Endpoints {
    private Endpoints() {}

    /** One of them. @param path with the names of its parts, such as {@code /api/claims/{id}/desk} */
    record Call(String method, String path) {
        boolean changes() {
            return !method.equals("GET");
        }
    }

    static List<Call> of(RequestMappingHandlerMapping mappings) {
        return mappings.getHandlerMethods().keySet().stream()
                .flatMap(info -> info.getMethodsCondition().getMethods().stream()
                        .flatMap(method -> info.getPathPatternsCondition() == null
                                ? Stream.<Call>empty()
                                : info.getPathPatternsCondition().getPatternValues().stream()
                                        .map(path -> new Call(method.name(), path))))
                .filter(call -> call.path().startsWith("/api/") && !call.path().startsWith("/api/openapi"))
                .sorted(Comparator.comparing(Call::path).thenComparing(Call::method))
                .toList();
    }
}
