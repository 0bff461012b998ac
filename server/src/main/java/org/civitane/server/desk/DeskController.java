package org.civitane.server.desk;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.Registers;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** One claim at the desk: staff may look, caseworkers settle. */
@RestController
class DeskController {
    private final Claims claims;
    private final DeskView desks;
    private final Settlements settlements;
    private final Registers registers;
    private final Texts texts;

    DeskController(Claims claims, DeskView desks, Settlements settlements, Registers registers, Texts texts) {
        this.claims = claims;
        this.desks = desks;
        this.settlements = settlements;
        this.registers = registers;
        this.texts = texts;
    }

    record Settle(
            int version,
            @NotNull @Size(max = 200) String path,
            @NotNull View view,
            @NotNull JsonNode value,
            @NotNull @Size(max = 2000) String reason) {}

    record Unsettle(int version, @NotNull @Size(max = 200) String path) {}

    @GetMapping("/api/claims/{id}/desk")
    Desk desk(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return desks.of(claims.claim(id), who);
    }

    @PostMapping("/api/claims/{id}/settle")
    @Transactional
    public Desk settle(@PathVariable UUID id, @RequestBody @Valid Settle wish, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = workable(id, wish.version());
        settlements.settle(claim, new FactPath(wish.path()), wish.view(), wish.value(), wish.reason(), Actor.of(who));
        return desks.of(claims.claim(id), who);
    }

    @PostMapping("/api/claims/{id}/unsettle")
    @Transactional
    public Desk unsettle(
            @PathVariable UUID id, @RequestBody @Valid Unsettle wish, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = workable(id, wish.version());
        settlements.undo(claim, new FactPath(wish.path()), Actor.of(who));
        return desks.of(claims.claim(id), who);
    }

    record Without(@NotNull @Size(max = 2000) String reason) {}

    record SettleMany(
            int version, @NotNull @Size(max = 2000) String reason) {}

    @PostMapping("/api/claims/{id}/registers/{request}/ask")
    @Transactional
    public Desk askRegister(@PathVariable UUID id, @PathVariable UUID request, @AuthenticationPrincipal SignedIn who) {
        registers.askAgain(id, request, Actor.of(who));
        return desks.of(claims.claim(id), who);
    }

    @PostMapping("/api/claims/{id}/registers/{request}/without")
    @Transactional
    public Desk without(
            @PathVariable UUID id,
            @PathVariable UUID request,
            @RequestBody @Valid Without wish,
            @AuthenticationPrincipal SignedIn who) {
        registers.without(id, request, wish.reason(), who);
        return desks.of(claims.claim(id), who);
    }

    /** Settles every difference that cannot change the outcome, as said, in one step. */
    @PostMapping("/api/claims/{id}/settle-immaterial")
    @Transactional
    public Desk settleImmaterial(
            @PathVariable UUID id, @RequestBody @Valid SettleMany wish, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = workable(id, wish.version());
        desks.immaterial(claim)
                .forEach(
                        (path, said) -> settlements.settle(claim, path, View.SAID, said, wish.reason(), Actor.of(who)));
        return desks.of(claims.claim(id), who);
    }

    private ClaimView workable(UUID id, int version) {
        claims.checkVersion(id, version);
        ClaimView claim = claims.claim(id);
        if (!claim.state().isOpen()) {
            throw Problem.conflict("state", texts.say("problem.decided"));
        }
        return claim;
    }
}
