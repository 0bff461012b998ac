package org.civitane.server.doubts;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Claims;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Whether the person behind a doubted claim filed it: asked of and answered by the applicant whose claim it is. */
@RestController
class DoubtController {
    private final Claims claims;
    private final Doubts doubts;

    DoubtController(Claims claims, Doubts doubts) {
        this.claims = claims;
        this.doubts = doubts;
    }

    /** @param doubt empty when nothing was ever doubted */
    record MyDoubt(String number, Optional<Doubt> doubt) {}

    record Filed(boolean filed) {}

    record Later(
            @Min(1) @Max(10) int days,
            @NotNull @Size(max = 500) String why) {}

    @GetMapping("/api/my/claims/{id}/doubt")
    MyDoubt mine(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return new MyDoubt(claims.claimOf(who, id).number(), doubts.of(id));
    }

    @PostMapping("/api/my/claims/{id}/doubt")
    MyDoubt answer(@PathVariable UUID id, @RequestBody Filed answer, @AuthenticationPrincipal SignedIn who) {
        doubts.answer(who, id, answer.filed());
        return mine(id, who);
    }

    @PostMapping("/api/my/claims/{id}/doubt/more-time")
    MyDoubt later(@PathVariable UUID id, @RequestBody @Valid Later wish, @AuthenticationPrincipal SignedIn who) {
        doubts.moreTime(who, id, wish.days(), wish.why());
        return mine(id, who);
    }
}
