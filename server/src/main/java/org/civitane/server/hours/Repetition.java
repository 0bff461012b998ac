package org.civitane.server.hours;

import java.util.Map;
import java.util.UUID;
import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.following.Replanning;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.settlements.Settlements;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a decided claim comes to on facts that were told since, under the decision that there is: a new edition, and the
 * determination on it. What was found out otherwise is taken as it was when that was made.
 */
@Component
class Repetition {
    private final Claims claims;
    private final Settlements settlements;
    private final Determinations determinations;
    private final Replanning replanning;

    Repetition(Claims claims, Settlements settlements, Determinations determinations, Replanning replanning) {
        this.claims = claims;
        this.settlements = settlements;
        this.determinations = determinations;
        this.replanning = replanning;
    }

    /** A run that was kept, and what it ran on. */
    record Repeated(UUID id, CaseFiles.Read<?> read, Run run) {}

    /** The case that the claim was determined on last. */
    ObjectNode before(Dossier dossier) {
        return determinations.ranOn(dossier.claim().id());
    }

    /** @param told what takes the place of what was said before, by the names of its facts */
    Repeated run(Dossier dossier, Map<String, JsonNode> told, Phrase because) {
        ClaimView claim = dossier.claim();
        ObjectNode file = before(dossier);
        ObjectNode said = dossier.said().copy();
        told.forEach((fact, value) -> {
            file.set(fact, value);
            said.set(fact, value.deepCopy());
        });
        settlements.lapse(claim.id(), told.keySet().stream().map(FactPath::of).toList());
        ClaimView edited = claims.addTold(claim.id(), JsonColumn.write(said), because);
        CaseFiles.Read<?> read = CaseFiles.read(JsonColumn.bytes(file));
        Run run = determinations.run(read);
        return new Repeated(determinations.keep(edited, file, run), read, run);
    }

    /** What is paid follows it. */
    void follow(Dossier dossier, Repeated repeated) {
        replanning.again(dossier.claim().id(), repeated.id(), repeated.run().determination());
    }
}
