package org.civitane.server.dossier;

import java.util.UUID;
import org.civitane.core.programme.Catalogue;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.node.ObjectNode;

/** Opens claims' dossiers. */
@Component
public class Dossiers {
    private final Claims claims;
    private final Sources sources;

    Dossiers(Claims claims, Sources sources) {
        this.claims = claims;
        this.sources = sources;
    }

    /** The dossier of a claim as it was just read. */
    public Dossier of(ClaimView claim) {
        return new Dossier(claim, sources);
    }

    /** The dossier of a claim as it is now. @throws org.civitane.server.platform.Problem when there is no such claim */
    public Dossier of(UUID claim) {
        return of(claims.claim(claim));
    }

    /** Adds to answers of an account what it has had of a programme before, where that matters. */
    @Transactional(readOnly = true)
    public void addEarlier(ObjectNode answers, UUID account, String programme) {
        Catalogue.named(programme)
                .earlierFact()
                .ifPresent(fact -> Dossier.addTo(
                        answers, fact, Dossier.earlier(sources.earlier().of(account, programme), sources)));
    }
}
