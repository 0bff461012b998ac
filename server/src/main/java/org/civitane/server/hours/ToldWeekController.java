package org.civitane.server.hours;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.Claims;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The hours of weeks, for the applicant to tell; those that nobody certified, for caseworkers to look at. */
@RestController
class ToldWeekController {
    private final MyWeeks mine;
    private final ToldWeeks weeks;
    private final EarlierEnd end;
    private final ClaimActs acts;
    private final Claims claims;

    ToldWeekController(MyWeeks mine, ToldWeeks weeks, EarlierEnd end, ClaimActs acts, Claims claims) {
        this.mine = mine;
        this.weeks = weeks;
        this.end = end;
        this.acts = acts;
        this.claims = claims;
    }

    /** @param hours by day; a day that is not named has none */
    record TellHours(
            @NotNull @Size(max = 7) Map<@NotNull @Size(max = 10) String, @NotNull @Size(max = 6) String> hours) {}

    record LastDay(@NotNull LocalDate day) {}

    /** @param reason what a caseworker makes of it */
    record LookedAt(@NotNull @Size(max = 500) String reason) {}

    @GetMapping("/api/my/claims/{id}/hours")
    MyWeeks.MyHours of(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return mine.of(who, id);
    }

    @PutMapping("/api/my/claims/{id}/hours/{monday}")
    MyWeeks.MyHours tell(
            @PathVariable UUID id,
            @PathVariable LocalDate monday,
            @RequestBody @Valid TellHours wish,
            @AuthenticationPrincipal SignedIn who) {
        return mine.tell(who, id, monday, wish.hours());
    }

    /** An earlier last day. */
    @PutMapping("/api/my/claims/{id}/last-day")
    LastDay end(@PathVariable UUID id, @RequestBody @Valid LastDay wish, @AuthenticationPrincipal SignedIn who) {
        return new LastDay(end.end(who, id, wish.day()));
    }

    /** Weeks whose hours go beyond what was certified, until someone has looked at them. */
    @GetMapping("/api/day-sheet/hours-beyond")
    List<ToldWeekStore.Unlooked> beyond() {
        return weeks.beyond();
    }

    @PostMapping("/api/claims/{id}/hours/{monday}/looked-at")
    void lookedAt(
            @PathVariable UUID id,
            @PathVariable LocalDate monday,
            @RequestBody @Valid LookedAt wish,
            @AuthenticationPrincipal SignedIn who) {
        acts.byStaff(id, who, Act.CORRESPOND, claim -> {
            weeks.looked(claim, monday, wish.reason(), who);
            claims.touch(id);
            return claim;
        });
    }
}
