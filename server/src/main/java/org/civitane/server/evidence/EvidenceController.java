package org.civitane.server.evidence;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossiers;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The evidence list, for the applicant whose claim it is and for staff. */
@RestController
class EvidenceController {
    private final Claims claims;
    private final ClaimActs acts;
    private final Dossiers dossiers;
    private final EvidenceList evidence;

    EvidenceController(Claims claims, ClaimActs acts, Dossiers dossiers, EvidenceList evidence) {
        this.claims = claims;
        this.acts = acts;
        this.dossiers = dossiers;
        this.evidence = evidence;
    }

    record Waive(
            @NotNull @Size(max = 40) String kind,
            @NotNull @Size(max = 40) String subject,
            @NotNull @Size(max = 500) String reason) {}

    @GetMapping("/api/my/claims/{id}/evidence")
    @Transactional(readOnly = true)
    List<MyEvidenceItem> mine(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return evidence.ofApplicant(dossiers.of(claims.claimOf(who, id)));
    }

    @GetMapping("/api/claims/{id}/evidence")
    @Transactional(readOnly = true)
    List<EvidenceItem> ofClaim(@PathVariable UUID id) {
        return evidence.of(dossiers.of(id));
    }

    /** A caseworker does without something, and says why. */
    @PostMapping("/api/claims/{id}/evidence/waive")
    List<EvidenceItem> waive(
            @PathVariable UUID id, @RequestBody @Valid Waive wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, claim -> {
            evidence.waive(dossiers.of(claim), wish.kind(), wish.subject(), wish.reason(), who);
            return evidence.of(dossiers.of(id));
        });
    }
}
