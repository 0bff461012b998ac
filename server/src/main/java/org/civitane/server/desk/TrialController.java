package org.civitane.server.desk;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.verification.FactSheet;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** A claim as it would be with other values, and as it was: for staff to look at; nothing is kept. */
@RestController
class TrialController {
    private final Dossiers dossiers;
    private final Trials trials;
    private final FactSheet facts;

    TrialController(Dossiers dossiers, Trials trials, FactSheet facts) {
        this.dossiers = dossiers;
        this.trials = trials;
        this.facts = facts;
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
    @Transactional(readOnly = true)
    Trials.Compared compare(@PathVariable UUID id, @RequestParam(defaultValue = "1") int edition) {
        return trials.compare(dossiers.of(id), edition);
    }
}
