package org.civitane.server.identity;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.server.claims.ClaimEnded;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.doubts.Disowned;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.PapersChanged;
import org.civitane.server.registers.Register;
import org.civitane.server.registers.RegisterAnswered;
import org.civitane.server.verification.Verification;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Keeps the line of identities as papers and the register change. */
@Component
class LineKeeper {
    private final IdentityAnswerStore store;
    private final IdentityLine line;
    private final Claims claims;
    private final Dossiers dossiers;
    private final Verification verification;

    LineKeeper(
            IdentityAnswerStore store, IdentityLine line, Claims claims, Dossiers dossiers, Verification verification) {
        this.store = store;
        this.line = line;
        this.claims = claims;
        this.dossiers = dossiers;
        this.verification = verification;
    }

    @EventListener
    void papersChanged(PapersChanged event) {
        look(event.claim());
    }

    @EventListener
    void answered(RegisterAnswered event) {
        if (event.register() == Register.CIVIL) {
            look(event.claim());
        }
    }

    /** What is frozen is a supervisor's. */
    @EventListener
    void disowned(Disowned event) {
        line.leave(event.claim());
    }

    @EventListener
    void ended(ClaimEnded event) {
        line.leave(event.claim());
    }

    /** Of most claims nobody ever asked who their applicant is; those cost one look here. */
    private void look(UUID id) {
        Optional<Instant> since = store.lastWorkedOn(id);
        if (since.isEmpty()) {
            return;
        }
        ClaimView claim = claims.claim(id);
        Dossier dossier = dossiers.of(claim);
        if (claim.state().isOpen() && isToBeLookedAt(dossier)) {
            line.enter(id, since.get(), verification.onceAccepted(dossier).result() == IdentityCheck.Result.CONFIRMED);
        } else {
            line.leave(id);
        }
    }

    /** Whether anything that came as an answer was not looked at yet. */
    private static boolean isToBeLookedAt(Dossier dossier) {
        return dossier.papers().stream()
                .anyMatch(paper -> !paper.documentType().isEmpty() && paper.state() == Paper.State.RECEIVED);
    }
}
