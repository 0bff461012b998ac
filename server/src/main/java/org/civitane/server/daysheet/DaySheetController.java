package org.civitane.server.daysheet;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.AgencyClock;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The day sheet and search, for staff; taking and handing over for those who work claims. */
@RestController
class DaySheetController {
    private final DaySheet sheet;
    private final Week week;
    private final Search search;
    private final Claims claims;
    private final ClaimActs acts;
    private final AgencyClock clock;

    DaySheetController(DaySheet sheet, Week week, Search search, Claims claims, ClaimActs acts, AgencyClock clock) {
        this.sheet = sheet;
        this.week = week;
        this.search = search;
        this.claims = claims;
        this.acts = acts;
        this.clock = clock;
    }

    record Sheet(LocalDate today, List<DaySheet.Page> stacks, List<Week.Day> week, List<Week.Waiting> waiting) {}

    record HandOver(@NotNull UUID to) {}

    record Moved(int version) {}

    @GetMapping("/api/day-sheet")
    @Transactional(readOnly = true)
    Sheet sheet(
            @RequestParam(defaultValue = "true") boolean mine,
            @RequestParam @Nullable UUID only,
            @RequestParam @Size(max = 60) @Nullable String programme,
            @AuthenticationPrincipal SignedIn who) {
        return new Sheet(
                clock.today(),
                sheet.sheet(wanted(mine, only, programme, who)),
                week.of(who.account()),
                week.waiting(who.account()));
    }

    @GetMapping("/api/day-sheet/{pile}")
    DaySheet.Page page(
            @PathVariable DaySheet.Pile pile,
            @RequestParam(defaultValue = "true") boolean mine,
            @RequestParam @Nullable UUID only,
            @RequestParam @Size(max = 60) @Nullable String programme,
            @RequestParam @Size(max = 60) @Nullable String after,
            @AuthenticationPrincipal SignedIn who) {
        return sheet.page(pile, wanted(mine, only, programme, who), Optional.ofNullable(after));
    }

    record SearchWords(@NotNull @Size(max = 100) String words) {}

    /** A search is sent, not addressed: names do not belong into logs and histories of addresses. */
    @PostMapping("/api/search")
    List<DaySheet.Row> search(@RequestBody @Valid SearchWords wanted) {
        return search.find(wanted.words());
    }

    @PostMapping("/api/claims/{id}/take")
    Moved take(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        acts.take(id, who);
        return moved(id);
    }

    @PostMapping("/api/claims/{id}/hand-over")
    Moved handOver(@PathVariable UUID id, @RequestBody @Valid HandOver wish, @AuthenticationPrincipal SignedIn who) {
        acts.handOver(id, wish.to(), who);
        return moved(id);
    }

    /** Someone says that they know the people of a claim, and leaves it to others. */
    @PostMapping("/api/claims/{id}/stand-aside")
    Moved standAside(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        acts.standAside(id, who);
        return moved(id);
    }

    /** Read afterwards, since the claim's standing is worked out at the end of the change. */
    private Moved moved(UUID claim) {
        return new Moved(claims.claim(claim).version());
    }

    private static DaySheet.Wanted wanted(boolean mine, @Nullable UUID only, @Nullable String programme, SignedIn who) {
        return new DaySheet.Wanted(
                mine ? Optional.of(who.account()) : Optional.empty(),
                Optional.ofNullable(only),
                Optional.ofNullable(programme));
    }
}
