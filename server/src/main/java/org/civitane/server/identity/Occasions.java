package org.civitane.server.identity;

import java.time.LocalDate;
import java.util.Optional;
import org.civitane.core.claim.Act;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.verification.Verification;
import org.springframework.stereotype.Component;

/** Why someone is to show who they are: someone asked, or their application needs it. */
@Component
class Occasions {
    private final Dossiers dossiers;
    private final EvidenceList evidence;
    private final Verification verification;
    private final IdentityAnswerStore store;

    Occasions(Dossiers dossiers, EvidenceList evidence, Verification verification, IdentityAnswerStore store) {
        this.store = store;
        this.dossiers = dossiers;
        this.evidence = evidence;
        this.verification = verification;
    }

    /**
     * Whether and why it is asked.
     *
     * @param needed at intake: by when the application needs it
     * @param newest the newest answer, open or handed in
     */
    record Occasion(
            Dossier dossier, Optional<Doubt> doubt, Optional<LocalDate> needed, Optional<IdentityAnswer> newest) {
        MyIdentity.Occasion kind() {
            return doubt.map(asked -> switch (asked.occasion()) {
                        case DOUBTED -> MyIdentity.Occasion.DOUBTED;
                        case OTHER_SERVICE -> MyIdentity.Occasion.OTHER_SERVICE;
                        case INTAKE -> MyIdentity.Occasion.INTAKE;
                    })
                    .orElse(needed.isPresent() ? MyIdentity.Occasion.INTAKE : MyIdentity.Occasion.NONE);
        }

        /** Whether an answer is open: at intake until one was handed in, else while someone asks. */
        boolean isAsked() {
            return doubt.map(asked -> asked.state() == Doubt.State.ASKED)
                    .orElse(needed.isPresent()
                            && newest.flatMap(IdentityAnswer::handedIn).isEmpty());
        }

        boolean asksWhetherFiled() {
            return kind() == MyIdentity.Occasion.DOUBTED;
        }
    }

    Occasion of(ClaimView claim) {
        Dossier dossier = dossiers.of(claim);
        Optional<LocalDate> needed =
                dossier.doubt().isPresent() || !claim.state().allows(Act.ANSWER) ? Optional.empty() : needed(dossier);
        return new Occasion(dossier, dossier.doubt(), needed, store.newest(claim.id()));
    }

    private Optional<LocalDate> needed(Dossier dossier) {
        boolean confirmed = verification.of(dossier).identity().result() == IdentityCheck.Result.CONFIRMED;
        return evidence.of(dossier).stream()
                .filter(item -> item.kind().equals(PaperKind.IDENTITY.code()))
                .filter(item -> item.state() != EvidenceItem.State.WAIVED
                        && item.state() != EvidenceItem.State.NO_LONGER_NEEDED)
                .filter(item -> !confirmed)
                .findFirst()
                .flatMap(EvidenceItem::until);
    }
}
