package org.civitane.server.corrections;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.platform.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Fix lists: caseworkers write and send them, the applicant whose claim it is answers. */
@RestController
class FixListController {
    private final Claims claims;
    private final FixLists lists;

    FixListController(Claims claims, FixLists lists) {
        this.claims = claims;
        this.lists = lists;
    }

    record NewPoint(
            @NotNull @Size(max = 200) String path,
            @NotNull @Size(max = 1000) String title,
            @NotNull @Size(max = 1000) String reason,
            @NotNull @Size(max = 1000) String good) {}

    record SaveFixList(
            @NotNull @Size(max = 20) List<@Valid NewPoint> points,
            @NotNull LocalDate dueOn,
            FixList.@NotNull Then then) {}

    record Send(int version) {}

    record Given(
            @NotNull @Size(max = 200) String path,
            @NotNull JsonNode value,
            @Nullable @Size(max = 1000) String note) {}

    record Answers(@NotNull @Size(max = 20) List<@Valid Given> answers) {}

    /** What the applicant sees: the open points and nothing else of the claim but its people, to name them. */
    record AskedPoints(
            String number, int round, LocalDate dueOn, FixList.Then then, List<Point> points, JsonNode people) {}

    @PutMapping("/api/claims/{id}/fix-list")
    FixList save(@PathVariable UUID id, @RequestBody @Valid SaveFixList wish) {
        ClaimView claim = open(id);
        List<Point> points = wish.points().stream()
                .map(point -> new Point(point.path(), point.title(), point.reason(), point.good(), null, null, null))
                .toList();
        return lists.save(claim, points, wish.dueOn(), wish.then());
    }

    @PostMapping("/api/claims/{id}/fix-list/send")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void send(@PathVariable UUID id, @RequestBody Send wish, @AuthenticationPrincipal SignedIn who) {
        lists.send(open(id), wish.version(), who);
    }

    @GetMapping("/api/my/claims/{id}/fix-list")
    AskedPoints asked(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = claims.claimOf(who, id);
        FixList list = lists.newest(id)
                .filter(sent -> sent.state() == FixList.State.SENT)
                .orElseThrow(() -> Problem.notFound("There is nothing to put right on this claim now."));
        JsonNode people = org.civitane.server.platform.JsonColumn.read(claims.newestEdition(claim))
                .path("members");
        return new AskedPoints(claim.number(), list.round(), list.dueOn(), list.then(), list.points(), people);
    }

    @PostMapping("/api/my/claims/{id}/fix-list")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answer(@PathVariable UUID id, @RequestBody @Valid Answers answers, @AuthenticationPrincipal SignedIn who) {
        Map<String, FixLists.Answer> byPath = answers.answers().stream()
                .collect(Collectors.toMap(
                        Given::path,
                        given -> new FixLists.Answer(given.value(), Optional.ofNullable(given.note())),
                        (first, second) -> second));
        lists.answer(who, id, byPath);
    }

    private ClaimView open(UUID id) {
        ClaimView claim = claims.claim(id);
        if (!claim.state().isOpen()) {
            throw Problem.conflict("state", "This claim is decided, so nothing can be asked on it any more.");
        }
        return claim;
    }
}
