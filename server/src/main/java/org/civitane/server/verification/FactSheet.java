package org.civitane.server.verification;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.civitane.core.casefile.Member;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.Texts;
import org.civitane.server.settlements.Settlement;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;

/** The facts of a claim, grouped by person, each in its views. */
@Service
public class FactSheet {
    private final BenefitRecord benefits;
    private final Verification verification;
    private final Texts texts;

    FactSheet(BenefitRecord benefits, Verification verification, Texts texts) {
        this.benefits = benefits;
        this.verification = verification;
        this.texts = texts;
    }

    /** All facts of the newest edition. */
    public List<FactGroup> of(Dossier dossier, Verification.Review review) {
        return new FactRows(dossier, benefits, review, words(dossier)).groups();
    }

    /**
     * A typed value as the case file holds it at that path: a monthly amount at a source of wages is its lines,
     * everything else is what was typed.
     */
    public JsonNode asTyped(Dossier dossier, FactPath path, JsonNode typed) {
        if (!typed.isString() || !CasePaths.isSource(path)) {
            return typed;
        }
        return new WageFacts(dossier.said().json(), verification.of(dossier).income(), words(dossier))
                .typed(path, typed.asString())
                .orElse(typed);
    }

    private FactWords words(Dossier dossier) {
        Map<FactPath, Settlement> settled =
                dossier.settlements().stream().collect(Collectors.toMap(Settlement::path, Function.identity()));
        Map<String, String> names =
                dossier.said().file().members().stream().collect(Collectors.toMap(Member::id, Member::givenName));
        Programme<?> programme = Claims.programmeOf(dossier.claim());
        return new FactWords(
                texts, programme.id(), programme.wording(Locale.ENGLISH).naming(names), programme.facts(), settled);
    }
}
