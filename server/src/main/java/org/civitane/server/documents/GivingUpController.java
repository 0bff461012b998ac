package org.civitane.server.documents;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.platform.Phrase;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Giving up what was paid for and is not made out yet: by whoever asked for it, or for them by whoever has the claim. */
@RestController
class GivingUpController {
    private final MakingOut making;
    private final ClaimActs acts;

    GivingUpController(MakingOut making, ClaimActs acts) {
        this.making = making;
        this.acts = acts;
    }

    /** @param reason why it is given up, as it stands in the history */
    record GiveUp(@NotBlank @Size(max = 300) String reason) {}

    @PostMapping("/api/my/claims/{id}/documents/give-up")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void mine(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        acts.byApplicant(id, who, Act.CORRESPOND, claim -> {
            making.giveUp(claim, Actor.of(who), Phrase.of("history.given-up"));
            return claim;
        });
    }

    @PostMapping("/api/claims/{id}/documents/give-up")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void ofClaim(@PathVariable UUID id, @RequestBody @Valid GiveUp wish, @AuthenticationPrincipal SignedIn who) {
        acts.byStaff(id, who, Act.CORRESPOND, claim -> {
            making.giveUp(
                    claim,
                    Actor.of(who),
                    Phrase.of("history.given-up-for", wish.reason().strip()));
            return claim;
        });
    }
}
