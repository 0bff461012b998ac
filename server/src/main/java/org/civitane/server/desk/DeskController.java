package org.civitane.server.desk;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimActs;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.doubts.Doubts;
import org.civitane.server.registers.Registers;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.civitane.server.verification.FactSheet;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** One claim at the desk: staff may look, caseworkers settle. */
@RestController
class DeskController {
    private final Dossiers dossiers;
    private final ClaimActs acts;
    private final DeskView desks;
    private final Settlements settlements;
    private final Registers registers;
    private final Doubts doubts;
    private final Trials trials;
    private final FactSheet facts;

    DeskController(
            Dossiers dossiers,
            ClaimActs acts,
            DeskView desks,
            Settlements settlements,
            Registers registers,
            Doubts doubts,
            Trials trials,
            FactSheet facts) {
        this.dossiers = dossiers;
        this.acts = acts;
        this.desks = desks;
        this.settlements = settlements;
        this.registers = registers;
        this.doubts = doubts;
        this.trials = trials;
        this.facts = facts;
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
        return desks.of(id, who);
    }

    @PostMapping("/api/claims/{id}/settle")
    Desk settle(@PathVariable UUID id, @RequestBody @Valid Settle wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, wish.version(), claim -> {
            FactPath path = new FactPath(wish.path());
            JsonNode value =
                    wish.view() == View.TYPED ? facts.asTyped(dossiers.of(claim), path, wish.value()) : wish.value();
            settlements.settle(claim, path, wish.view(), value, wish.reason(), Actor.of(who));
            return desks.of(id, who);
        });
    }

    @PostMapping("/api/claims/{id}/unsettle")
    Desk unsettle(@PathVariable UUID id, @RequestBody @Valid Unsettle wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, wish.version(), claim -> {
            settlements.undo(claim, new FactPath(wish.path()), Actor.of(who));
            return desks.of(id, who);
        });
    }

    record Tried(
            @NotNull @Size(max = 200) String path, @NotNull JsonNode value) {}

    record WhatIf(@NotNull @Size(max = 20) List<@NotNull @Valid Tried> values) {}

    /** The claim with some facts at other values; nothing is kept. */
    @PostMapping("/api/claims/{id}/what-if")
    Trials.Trial whatIf(@PathVariable UUID id, @RequestBody @Valid WhatIf wish) {
        Map<FactPath, JsonNode> values = new LinkedHashMap<>();
        Dossier dossier = dossiers.of(id);
        wish.values().forEach(tried -> {
            FactPath path = new FactPath(tried.path());
            values.put(path, facts.asTyped(dossier, path, tried.value()));
        });
        return trials.whatIf(dossier, values);
    }

    /** An earlier edition against the claim as it stands. */
    @GetMapping("/api/claims/{id}/compare")
    Trials.Compared compare(@PathVariable UUID id, @RequestParam(defaultValue = "1") int edition) {
        return trials.compare(dossiers.of(id), edition);
    }

    record DoubtIt(int version, @NotNull @Size(max = 1000) String why) {}

    /** The person is asked whether they filed this claim. */
    @PostMapping("/api/claims/{id}/doubt")
    Desk doubt(@PathVariable UUID id, @RequestBody @Valid DoubtIt wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, wish.version(), claim -> {
            doubts.ask(claim, wish.why(), who);
            return desks.of(id, who);
        });
    }

    record Without(@NotNull @Size(max = 2000) String reason) {}

    record SettleMany(
            int version, @NotNull @Size(max = 2000) String reason) {}

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

    /** Settles every difference that cannot change the outcome, as said, in one step. */
    @PostMapping("/api/claims/{id}/settle-immaterial")
    Desk settleImmaterial(
            @PathVariable UUID id, @RequestBody @Valid SettleMany wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, wish.version(), claim -> {
            desks.immaterial(claim)
                    .forEach(
                            (path, said) -> settlements.settleUnasked(claim, path, said, wish.reason(), Actor.of(who)));
            return desks.of(id, who);
        });
    }
}
