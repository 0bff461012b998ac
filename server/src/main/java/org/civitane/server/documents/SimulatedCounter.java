package org.civitane.server.documents;

import java.util.List;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Claims;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** What becomes of the demo's documents without anybody who stands at the counter. */
@Component
@Profile(Simulated.PROFILE)
public class SimulatedCounter {
    private final MakingOut making;
    private final Documents documents;
    private final Handovers handovers;
    private final Replacements replacements;
    private final HandoverJobs mornings;
    private final Claims claims;

    SimulatedCounter(
            MakingOut making,
            Documents documents,
            Handovers handovers,
            Replacements replacements,
            HandoverJobs mornings,
            Claims claims) {
        this.making = making;
        this.documents = documents;
        this.handovers = handovers;
        this.replacements = replacements;
        this.mornings = mornings;
        this.claims = claims;
    }

    /** What was paid for is made out at once. */
    public void makeOut(UUID claim) {
        making.makeOut(claim);
    }

    /** Its holder came with their passport. */
    public void give(UUID claim, SignedIn caseworker) {
        handovers.give(document(claim), new Handovers.Seen("Passport", "", false), caseworker);
    }

    public void send(UUID claim, SignedIn caseworker) {
        handovers.sent(List.of(document(claim)), caseworker);
    }

    public void bringBack(UUID claim, SignedIn caseworker) {
        handovers.returned(document(claim), "Moved away, says the post.", caseworker);
    }

    public void makeAnew(UUID claim, SignedIn caseworker) {
        replacements.replace(claims.claim(claim), document(claim).id(), "It tore at the counter.", caseworker);
    }

    /** What is reminded of and destroyed on a day. */
    public void morning() {
        mornings.lookThrough();
    }

    private Issued document(UUID claim) {
        return documents.of(claim).getFirst();
    }
}
