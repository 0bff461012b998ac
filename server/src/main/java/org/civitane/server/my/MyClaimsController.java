package org.civitane.server.my;

import java.util.List;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.Claims;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** My claims: where each stands, for the applicant whose they are. */
@RestController
class MyClaimsController {
    private final Claims claims;
    private final ClaimActs acts;
    private final MyClaims mine;

    MyClaimsController(Claims claims, ClaimActs acts, MyClaims mine) {
        this.claims = claims;
        this.acts = acts;
        this.mine = mine;
    }

    @GetMapping("/api/my/claims")
    List<MyClaims.MyClaim> all(@AuthenticationPrincipal SignedIn who) {
        return claims.claimsOf(who).stream().map(mine::of).toList();
    }

    @GetMapping("/api/my/claims/{id}")
    MyClaims.MyClaim one(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return mine.of(claims.claimOf(who, id));
    }

    @PostMapping("/api/my/claims/{id}/withdraw")
    MyClaims.MyClaim withdraw(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return mine.of(acts.withdraw(id, who));
    }
}
