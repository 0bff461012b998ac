package org.civitane.server.corrections;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.civitane.core.claim.Act;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.Asks;
import org.civitane.server.asks.Extensions;
import org.civitane.server.asks.MoreTime;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.corrections.FixList.Then;
import org.civitane.server.forms.Asked;
import org.civitane.server.forms.Questions;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
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
    private final ClaimActs acts;
    private final FixLists lists;
    private final FixListAnswers answers;
    private final Asks asks;
    private final Extensions extensions;

    FixListController(
            Claims claims, ClaimActs acts, FixLists lists, FixListAnswers answers, Asks asks, Extensions extensions) {
        this.claims = claims;
        this.acts = acts;
        this.lists = lists;
        this.answers = answers;
        this.asks = asks;
        this.extensions = extensions;
    }

    record NewPoint(
            @NotNull @Size(max = 200) String path,
            @NotNull @Size(max = 1000) String title,
            @NotNull @Size(max = 1000) String reason,
            @NotNull @Size(max = 1000) String good) {}

    record SaveFixList(
            @NotNull @Size(max = 20) List<@NotNull @Valid NewPoint> points,
            @NotNull LocalDate dueOn,
            @NotNull Then then) {}

    record Send(int version) {}

    record Given(
            @NotNull @Size(max = 200) String path,
            @NotNull JsonNode value,
            @Nullable @Size(max = 1000) String note) {}

    record Answers(@NotNull @Size(max = 20) List<@NotNull @Valid Given> answers) {}

    record WantTime(
            @Min(1) @Max(60) int days,
            @NotNull @Size(max = 500) String why) {}

    record TimeAnswer(
            boolean granted, @NotNull @Size(max = 500) String words) {}

    /**
     * What the applicant sees: the points and nothing else of the claim but its people, to name them.
     *
     * @param questions how each fact is asked for in the form, by the path of its point; papers have none
     * @param extensions what they asked for, and what was said to it
     * @param mostDays how many days more they may ask for; 0 when none
     */
    record AskedPoints(
            String number,
            int round,
            LocalDate dueOn,
            FixList.Then then,
            List<Point> points,
            Map<String, Asked> questions,
            int open,
            List<MoreTime> extensions,
            int mostDays,
            JsonNode people) {}

    @PutMapping("/api/claims/{id}/fix-list")
    FixList save(@PathVariable UUID id, @RequestBody @Valid SaveFixList wish, @AuthenticationPrincipal SignedIn who) {
        List<Point> points = wish.points().stream()
                .map(point -> Point.asking(point.path(), point.title(), point.reason(), point.good()))
                .toList();
        return acts.byStaff(id, who, Act.ESTABLISH, claim -> lists.save(claim, points, wish.dueOn(), wish.then()));
    }

    @PostMapping("/api/claims/{id}/fix-list/send")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void send(@PathVariable UUID id, @RequestBody Send wish, @AuthenticationPrincipal SignedIn who) {
        acts.byStaff(id, who, Act.ESTABLISH, wish.version(), claim -> lists.send(claim, who));
    }

    @PostMapping("/api/claims/{id}/fix-list/extension")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answerExtension(
            @PathVariable UUID id, @RequestBody @Valid TimeAnswer wish, @AuthenticationPrincipal SignedIn who) {
        acts.byStaff(id, who, Act.ESTABLISH, claim -> {
            extensions.answer(out(id), wish.granted(), wish.words(), who);
            return claim;
        });
    }

    @GetMapping("/api/my/claims/{id}/fix-list")
    AskedPoints asked(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        ClaimView claim = claims.claimOf(who, id);
        FixList list = lists.newest(id)
                .filter(sent -> sent.state() == FixList.State.SENT)
                .orElseThrow(() -> Problem.notFound(Phrase.of("problem.nothing-to-fix")));
        Ask ask = out(id);
        JsonNode people = JsonColumn.read(claims.newestEdition(claim)).path("members");
        return new AskedPoints(
                claim.number(),
                list.round(),
                list.dueOn(),
                list.then(),
                list.points(),
                questions(claim, list.points()),
                list.open(),
                ask.moreTime(),
                extensions.mostDays(ask, Claims.programmeOf(claim).extensions()),
                people);
    }

    private static Map<String, Asked> questions(ClaimView claim, List<Point> points) {
        Map<String, Asked> questions = new HashMap<>();
        points.forEach(point -> Questions.askingFor(Claims.programmeOf(claim), new FactPath(point.path()))
                .ifPresent(asked -> questions.put(point.path(), asked)));
        return questions;
    }

    /** @return how many points are still open */
    @PostMapping("/api/my/claims/{id}/fix-list")
    Left answer(@PathVariable UUID id, @RequestBody @Valid Answers given, @AuthenticationPrincipal SignedIn who) {
        Map<String, FixListAnswers.Answer> byPath = given.answers().stream()
                .collect(Collectors.toMap(
                        Given::path,
                        each -> new FixListAnswers.Answer(each.value(), Optional.ofNullable(each.note())),
                        (first, second) -> second));
        return new Left(answers.answer(who, id, byPath).open());
    }

    record Left(int open) {}

    @PostMapping("/api/my/claims/{id}/fix-list/extension")
    MoreTime askForTime(
            @PathVariable UUID id, @RequestBody @Valid WantTime wish, @AuthenticationPrincipal SignedIn who) {
        return acts.byApplicant(
                id,
                who,
                Act.ANSWER,
                claim -> extensions.wish(
                        out(id),
                        wish.days(),
                        wish.why(),
                        Claims.programmeOf(claim).extensions(),
                        who));
    }

    private Ask out(UUID claim) {
        return asks.open(claim, Ask.Kind.FIX_LIST)
                .orElseThrow(() -> Problem.conflict("answered", Phrase.of("problem.answered")));
    }
}
