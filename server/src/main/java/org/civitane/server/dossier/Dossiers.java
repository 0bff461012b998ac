package org.civitane.server.dossier;

import java.util.UUID;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.springframework.stereotype.Component;

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
}
