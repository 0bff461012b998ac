package org.civitane.server.desk;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.doubts.Doubt.Occasion;
import org.civitane.server.doubts.Doubts;
import org.civitane.server.registers.Registers;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** One claim at the desk: staff may look, caseworkers ask. */
@RestController
class DeskController {
    private final ClaimActs acts;
    private final DeskView desks;
    private final Registers registers;
    private final Doubts doubts;

    DeskController(ClaimActs acts, DeskView desks, Registers registers, Doubts doubts) {
        this.acts = acts;
        this.desks = desks;
        this.registers = registers;
        this.doubts = doubts;
    }

    @GetMapping("/api/claims/{id}/desk")
    Desk desk(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return desks.of(id, who);
    }

    record DoubtIt(
            int version,
            @NotNull Occasion occasion,
            @NotNull @Size(max = 1000) String why) {}

    /** The person is asked whether they filed this claim. */
    @PostMapping("/api/claims/{id}/doubt")
    Desk doubt(@PathVariable UUID id, @RequestBody @Valid DoubtIt wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, wish.version(), claim -> {
            doubts.ask(claim, wish.occasion(), wish.why(), who);
            return desks.of(id, who);
        });
    }

    record Without(@NotNull @Size(max = 2000) String reason) {}

    @PostMapping("/api/claims/{id}/registers/{request}/ask")
    Desk askRegister(@PathVariable UUID id, @PathVariable UUID request, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, claim -> {
            registers.askAgain(id, request, Actor.of(who));
            return desks.of(id, who);
        });
    }

    @PostMapping("/api/claims/{id}/registers/{request}/without")
    Desk without(
            @PathVariable UUID id,
            @PathVariable UUID request,
            @RequestBody @Valid Without wish,
            @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, claim -> {
            registers.without(id, request, wish.reason(), who);
            return desks.of(id, who);
        });
    }
}
