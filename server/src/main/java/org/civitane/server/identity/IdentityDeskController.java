package org.civitane.server.identity;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.papers.ShownValue;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The line of answers about identities, and the grid of each, for staff. */
@RestController
class IdentityDeskController {
    private final IdentityGrids grids;
    private final IdentityLine line;
    private final IdentityWork work;
    private final Counter counter;

    IdentityDeskController(IdentityGrids grids, IdentityLine line, IdentityWork work, Counter counter) {
        this.grids = grids;
        this.line = line;
        this.work = work;
        this.counter = counter;
    }

    record AcceptDocument(@NotNull UUID paper) {}

    /** @param at where on its first page is what is wrong; left out where it is nowhere in particular */
    record SendDocumentBack(
            @NotNull UUID paper, @NotNull @Size(max = 500) String reason, ShownValue.@Nullable Box at) {}

    record ComparedWords(@NotNull @Size(max = 500) String words) {}

    record AtCounter(
            @NotNull @Size(max = 40) String documentType,
            @NotNull @Size(max = 200) String name,
            @Nullable LocalDate dateOfBirth,
            @Nullable LocalDate issuedOn,
            @Nullable LocalDate expiresOn,
            @NotNull @Size(max = 60) String number,
            @NotNull @Size(max = 500) String compared) {}

    @GetMapping("/api/identities")
    List<IdentityGrid.IdentityInLine> all(@AuthenticationPrincipal SignedIn who) {
        return line.of(who);
    }

    @GetMapping("/api/claims/{id}/identity")
    IdentityGrid grid(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return grids.of(id, who);
    }

    @PostMapping("/api/claims/{id}/identity/accept")
    IdentityGrid accept(
            @PathVariable UUID id, @RequestBody @Valid AcceptDocument wish, @AuthenticationPrincipal SignedIn who) {
        work.accept(id, wish.paper(), who);
        return grids.of(id, who);
    }

    @PostMapping("/api/claims/{id}/identity/send-back")
    IdentityGrid sendBack(
            @PathVariable UUID id, @RequestBody @Valid SendDocumentBack wish, @AuthenticationPrincipal SignedIn who) {
        work.sendBack(id, wish.paper(), wish.reason(), Optional.ofNullable(wish.at()), who);
        return grids.of(id, who);
    }

    @PostMapping("/api/claims/{id}/identity/compared")
    IdentityGrid compared(
            @PathVariable UUID id, @RequestBody @Valid ComparedWords wish, @AuthenticationPrincipal SignedIn who) {
        work.compared(id, wish.words(), who);
        return grids.of(id, who);
    }

    @PostMapping("/api/claims/{id}/identity/counter")
    IdentityGrid counter(
            @PathVariable UUID id, @RequestBody @Valid AtCounter seen, @AuthenticationPrincipal SignedIn who) {
        counter.seen(id, seen, who);
        return grids.of(id, who);
    }
}
