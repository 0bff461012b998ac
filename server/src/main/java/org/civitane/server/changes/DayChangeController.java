package org.civitane.server.changes;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.determinations.Plan;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The days of a claim, for the applicant whose it is. */
@RestController
class DayChangeController {
    private final DayChanges days;

    DayChangeController(DayChanges days) {
        this.days = days;
    }

    /** @param answers to the questions about days */
    record OtherDays(@NotNull JsonNode answers) {}

    /** @param edition that was seen */
    record ChangeDays(int edition, @NotNull JsonNode answers) {}

    record WouldBe(Optional<Plan> plan) {}

    @GetMapping("/api/my/claims/{id}/days")
    DayChanges.MyDays of(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        return days.of(who, id);
    }

    /** What other days would come to; nothing is kept. */
    @PostMapping("/api/my/claims/{id}/days/plan")
    WouldBe plan(@PathVariable UUID id, @RequestBody @Valid OtherDays wish, @AuthenticationPrincipal SignedIn who) {
        return new WouldBe(days.wouldBe(who, id, wish.answers()));
    }

    @PutMapping("/api/my/claims/{id}/days")
    DayChanges.MyDays change(
            @PathVariable UUID id, @RequestBody @Valid ChangeDays wish, @AuthenticationPrincipal SignedIn who) {
        return days.change(who, id, wish.edition(), wish.answers());
    }
}
