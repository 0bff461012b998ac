package org.civitane.server.my;

import java.util.List;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.platform.Problem;
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
        return claims.claimsOf(who).stream().map(this::standing).toList();
    }

    @GetMapping("/api/my/claims/{id}")
    MyClaims.MyClaim one(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return standing(claims.claimOf(who, id));
    }

    @PostMapping("/api/my/claims/{id}/withdraw")
    MyClaims.MyClaim withdraw(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return standing(acts.withdraw(id, who));
    }

    /** Each is read by itself: one out of whose figures nothing can be worked out leaves an applicant their other ones. */
    private MyClaims.MyClaim standing(ClaimView claim) {
        try {
            return mine.worked(claim);
        } catch (Problem e) {
            if (!e.code().equals(Determinations.NOT_WORKED_OUT)) {
                throw e;
            }
            return mine.notWorkedOut(claim);
        }
    }
}
