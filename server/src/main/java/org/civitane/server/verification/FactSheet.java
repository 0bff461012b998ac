package org.civitane.server.verification;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Texts;
import org.civitane.server.settlements.Settlement;
import org.civitane.server.settlements.Settlements;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** The facts of a claim, grouped by person, each in its views. */
@Service
public class FactSheet {
    private final Claims claims;
    private final Settlements settlements;
    private final BenefitRecord benefits;
    private final Verification verification;
    private final Texts texts;

    FactSheet(Claims claims, Settlements settlements, BenefitRecord benefits, Verification verification, Texts texts) {
        this.claims = claims;
        this.settlements = settlements;
        this.benefits = benefits;
        this.verification = verification;
        this.texts = texts;
    }

    /** All facts of the newest edition. */
    @Transactional(readOnly = true)
    public List<FactGroup> of(ClaimView claim, Verification.Review review) {
        JsonNode file = JsonColumn.read(claims.newestEdition(claim));
        return new FactRows(claim, file, benefits, review, words(claim, file)).groups();
    }

    /**
     * A typed value as the case file holds it at that path: a monthly amount at a source of wages is its lines,
     * everything else is what was typed.
     */
    @Transactional(readOnly = true)
    public JsonNode asTyped(ClaimView claim, FactPath path, JsonNode typed) {
        if (!typed.isString() || !CasePaths.isSource(path)) {
            return typed;
        }
        JsonNode file = JsonColumn.read(claims.newestEdition(claim));
        return new WageFacts(file, verification.of(claim).income(), words(claim, file))
                .typed(path, typed.asString())
                .orElse(typed);
    }

    private FactWords words(ClaimView claim, JsonNode file) {
        Map<FactPath, Settlement> settled = settlements.standing(claim.id()).stream()
                .collect(Collectors.toMap(Settlement::path, Function.identity()));
        Map<String, String> names = file.path("members")
                .valueStream()
                .collect(Collectors.toMap(
                        member -> member.path("id").asString(),
                        member -> member.path("givenName").asString()));
        Wording wording = Claims.programmeOf(claim).wording(Locale.ENGLISH).naming(names);
        return new FactWords(texts, wording, Claims.programmeOf(claim).facts(), settled);
    }
}
