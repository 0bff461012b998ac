package org.civitane.server.desk;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.verification.Fact;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** The differences on which nothing hangs, so that they can be settled without asking anybody. */
@Component
class Immaterial {
    private final Situations situations;
    private final Dossiers dossiers;
    private final InTheWay inTheWay;

    Immaterial(Situations situations, Dossiers dossiers, InTheWay inTheWay) {
        this.situations = situations;
        this.dossiers = dossiers;
        this.inTheWay = inTheWay;
    }

    /** The facts whose views differ and on which nothing hangs, with what was said of each. */
    @Transactional(readOnly = true)
    Map<FactPath, JsonNode> of(ClaimView claim) {
        Situation now = situations.of(dossiers.of(claim));
        Set<String> paths = inTheWay.of(now).stream()
                .filter(each -> each.kind() == Obstacle.Kind.FACT && each.weight() == Obstacle.Weight.IMMATERIAL)
                .map(Obstacle::path)
                .collect(Collectors.toSet());
        Map<FactPath, JsonNode> said = new LinkedHashMap<>();
        now.facts().stream()
                .flatMap(group -> group.facts().stream())
                .filter(fact -> paths.contains(fact.path()))
                .forEach(fact -> fact.said()
                        .flatMap(Fact.Shown::value)
                        .ifPresent(value -> said.put(new FactPath(fact.path()), value)));
        return said;
    }
}
