package org.civitane.server.desk;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.core.claim.Act;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.civitane.server.verification.FactSheet;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Settling what differs, for the caseworker whose claim it is; each answers with the desk as it is then. */
@RestController
class SettleController {
    private final Dossiers dossiers;
    private final ClaimActs acts;
    private final DeskView desks;
    private final Immaterial immaterial;
    private final Settlements settlements;
    private final FactSheet facts;

    SettleController(
            Dossiers dossiers,
            ClaimActs acts,
            DeskView desks,
            Immaterial immaterial,
            Settlements settlements,
            FactSheet facts) {
        this.dossiers = dossiers;
        this.acts = acts;
        this.desks = desks;
        this.immaterial = immaterial;
        this.settlements = settlements;
        this.facts = facts;
    }

    record Settle(
            int version,
            @NotNull @Size(max = 200) String path,
            @NotNull View view,
            @NotNull JsonNode value,
            @NotNull @Size(max = 2000) String reason) {}

    record Unsettle(int version, @NotNull @Size(max = 200) String path) {}

    record SettleMany(
            int version, @NotNull @Size(max = 2000) String reason) {}

    @PostMapping("/api/claims/{id}/settle")
    Desk settle(@PathVariable UUID id, @RequestBody @Valid Settle wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, wish.version(), claim -> {
            FactPath path = new FactPath(wish.path());
            refuseFound(claim, path);
            JsonNode value =
                    wish.view() == View.TYPED ? facts.asTyped(dossiers.of(claim), path, wish.value()) : wish.value();
            settlements.settle(claim, path, wish.view(), value, wish.reason(), Actor.of(who));
            return desks.of(id, who);
        });
    }

    @PostMapping("/api/claims/{id}/unsettle")
    Desk unsettle(@PathVariable UUID id, @RequestBody @Valid Unsettle wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, wish.version(), claim -> {
            refuseFound(claim, new FactPath(wish.path()));
            settlements.undo(claim, new FactPath(wish.path()), Actor.of(who));
            return desks.of(id, who);
        });
    }

    /** Who someone is and what the police hold is found out, each in its own way, and by nobody's word alone. */
    private static void refuseFound(ClaimView claim, FactPath path) {
        Programme<?> programme = Claims.programmeOf(claim);
        Stream.concat(programme.identityFact().stream(), programme.policeFact().stream())
                .filter(fact -> FactPath.of(fact).covers(path))
                .findFirst()
                .ifPresent(fact -> {
                    throw Problem.invalid(path.path(), Phrase.of("problem.found-out"));
                });
    }

    /** Settles every difference that cannot change the outcome, as said, in one step. */
    @PostMapping("/api/claims/{id}/settle-immaterial")
    Desk settleImmaterial(
            @PathVariable UUID id, @RequestBody @Valid SettleMany wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byStaff(id, who, Act.ESTABLISH, wish.version(), claim -> {
            immaterial
                    .of(claim)
                    .forEach(
                            (path, said) -> settlements.settleUnasked(claim, path, said, wish.reason(), Actor.of(who)));
            return desks.of(id, who);
        });
    }
}
