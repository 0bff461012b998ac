package org.civitane.server.documents;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A supervisor takes back a document that should not have been made out. */
@RestController
class RevocationController {
    private final Documents documents;
    private final Revocations revocations;
    private final ClaimActs acts;

    RevocationController(Documents documents, Revocations revocations, ClaimActs acts) {
        this.documents = documents;
        this.revocations = revocations;
        this.acts = acts;
    }

    /** @param reason why, as its holder is told */
    record Revoke(@NotBlank @Size(max = 300) String reason) {}

    @PostMapping("/api/claims/{id}/documents/{document}/revoke")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(
            @PathVariable UUID id,
            @PathVariable UUID document,
            @RequestBody @Valid Revoke wish,
            @AuthenticationPrincipal SignedIn who) {
        acts.byStaff(id, who, Act.REVOKE, claim -> {
            revocations.revoke(claim, documents.of(id, document), wish.reason().strip(), who);
            return claim;
        });
    }
}
