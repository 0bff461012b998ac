package org.civitane.server.corrections;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.History;
import org.civitane.server.casework.Wait;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.civitane.server.verification.Settlements;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.NullNode;
import tools.jackson.databind.node.ObjectNode;

/** Writing, sending and answering fix lists, and what happens when nobody answers. */
@Service
@Transactional
public class FixLists {
    private static final int MOST_POINTS = 20;
    private static final int LONGEST_TEXT = 1000;

    private final FixListStore store;
    private final Claims claims;
    private final Settlements settlements;
    private final History history;
    private final SchedulerClient jobs;
    private final Texts texts;
    private final AgencyClock clock;
    private final ApplicationEventPublisher events;

    FixLists(
            FixListStore store,
            Claims claims,
            Settlements settlements,
            History history,
            SchedulerClient jobs,
            Texts texts,
            AgencyClock clock,
            ApplicationEventPublisher events) {
        this.store = store;
        this.claims = claims;
        this.settlements = settlements;
        this.history = history;
        this.jobs = jobs;
        this.texts = texts;
        this.clock = clock;
        this.events = events;
    }

    /** What is put right: the new value of one point, and what the applicant adds in their own words. */
    public record Answer(JsonNode value, Optional<String> note) {}

    /** The newest list of a claim, in whatever state it is. */
    @Transactional(readOnly = true)
    public Optional<FixList> newest(UUID claim) {
        return store.newest(claim);
    }

    /** Saves the list that is being written; makes it when there is none. */
    public FixList save(ClaimView claim, List<Point> points, LocalDate dueOn, FixList.Then then) {
        check(points, dueOn);
        FixList draft = draftOf(claim, dueOn, then);
        FixList changed = new FixList(
                draft.id(),
                draft.claim(),
                draft.round(),
                FixList.State.DRAFT,
                dueOn,
                then,
                points,
                Optional.empty(),
                draft.version());
        store.update(changed);
        return store.find(draft.id()).orElseThrow();
    }

    /** Sends the list that is being written; the claim then waits for the applicant. */
    public void send(ClaimView claim, int claimVersion, SignedIn caseworker) {
        FixList draft = store.newest(claim.id())
                .filter(list ->
                        list.state() == FixList.State.DRAFT && !list.points().isEmpty())
                .orElseThrow(() -> Problem.conflict("no-fix-list", texts.say("problem.no-fix-list")));
        check(draft.points(), draft.dueOn());
        ObjectNode file = JsonColumn.readObject(claims.newestEdition(claim));
        List<Point> points = draft.points().stream()
                .map(point -> point.sentWith(
                        CasePaths.get(file, new FactPath(point.path())).orElse(NullNode.getInstance())))
                .toList();
        store.update(with(draft, FixList.State.SENT, points, Optional.of(clock.instant())));
        claims.waitFor(
                claim.id(),
                claimVersion,
                new Wait(
                        Wait.On.APPLICANT,
                        texts.say("wait.fix-list", points.size()),
                        draft.dueOn(),
                        texts.say("wait.then." + draft.then())));
        Instant dayAfter =
                draft.dueOn().plusDays(1).atStartOfDay(clock.getZone()).toInstant();
        jobs.scheduleIfNotExists(LapseJob.TASK.instance(draft.id().toString()).scheduledTo(dayAfter));
        history.add(
                claim.id(),
                Actor.of(caseworker),
                "fix-list-sent",
                texts.say("history.fix-list-sent", points.size(), DayText.of(draft.dueOn())));
    }

    /**
     * The applicant answers: exactly the facts that the list names change, in a new edition.
     *
     * @param answers path to answer, one for every point
     * @throws Problem when a point is left open, or an answer cannot stand; nothing is changed then
     */
    public void answer(SignedIn applicant, UUID claimId, Map<String, Answer> answers) {
        ClaimView claim = claims.claimOf(applicant, claimId);
        FixList list = store.newest(claimId)
                .filter(sent -> sent.state() == FixList.State.SENT)
                .orElseThrow(() -> Problem.conflict("answered", texts.say("problem.answered")));
        ObjectNode file = JsonColumn.readObject(claims.newestEdition(claim));
        List<Point> answered = new ArrayList<>();
        for (Point point : list.points()) {
            Answer answer = Optional.ofNullable(answers.get(point.path()))
                    .orElseThrow(() -> Problem.invalid(point.path(), texts.say("problem.point-open", point.title())));
            JsonNode value = cleaned(point.path(), answer.value());
            try {
                CasePaths.set(file, new FactPath(point.path()), value);
            } catch (IllegalArgumentException | ClassCastException e) {
                throw Problem.invalid(point.path(), texts.say("problem.no-such-fact"));
            }
            answered.add(point.answeredWith(
                    value,
                    answer.note()
                            .map(String::strip)
                            .filter(words -> !words.isEmpty())
                            .map(FixLists::shortened)
                            .orElse(null)));
        }
        CaseFiles.Read<?> read = read(file, list);
        store.update(with(list, FixList.State.ANSWERED, answered, list.sentAt()));
        settlements.lapse(
                claimId,
                list.points().stream().map(point -> new FactPath(point.path())).toList());
        claims.addEdition(claimId, read.file(), JsonColumn.write(file), texts.say("edition.fix-list", list.round()));
        history.add(
                claimId,
                Actor.of(applicant),
                "fix-list-answered",
                texts.say("history.fix-list-answered", list.points().size()));
        claims.comeBack(claimId);
    }

    /** The due date has passed: unless it was answered, what was announced happens, once. */
    void lapse(UUID id) {
        FixList list = store.find(id)
                .filter(sent -> sent.state() == FixList.State.SENT)
                .orElse(null);
        if (list == null || claims.claim(list.claim()).state() != ClaimState.WAITING) {
            return;
        }
        store.update(with(list, FixList.State.LAPSED, list.points(), list.sentAt()));
        history.add(
                list.claim(),
                Actor.CALENDAR,
                "fix-list-lapsed",
                texts.say("history.fix-list-lapsed", DayText.of(list.dueOn())));
        claims.comeBack(list.claim());
        events.publishEvent(new FixListLapsed(list.claim(), list.then()));
    }

    private FixList draftOf(ClaimView claim, LocalDate dueOn, FixList.Then then) {
        Optional<FixList> newest = store.newest(claim.id());
        if (newest.filter(list -> list.state() == FixList.State.SENT).isPresent()) {
            throw Problem.conflict("fix-list-out", texts.say("problem.fix-list-out"));
        }
        return newest.filter(list -> list.state() == FixList.State.DRAFT).orElseGet(() -> {
            int round = newest.map(FixList::round).orElse(0) + 1;
            FixList made = new FixList(
                    UUID.randomUUID(),
                    claim.id(),
                    round,
                    FixList.State.DRAFT,
                    dueOn,
                    then,
                    List.of(),
                    Optional.empty(),
                    0);
            store.insert(made);
            return made;
        });
    }

    private void check(List<Point> points, LocalDate dueOn) {
        if (points.size() > MOST_POINTS
                || points.stream()
                        .anyMatch(
                                point -> isUnfit(point.reason()) || isUnfit(point.good()) || isUnfit(point.title()))) {
            throw Problem.invalid("points", texts.say("problem.points"));
        }
        if (points.stream().map(Point::path).distinct().count() < points.size()) {
            throw Problem.invalid("points", texts.say("problem.points-twice"));
        }
        if (!dueOn.isAfter(clock.today())) {
            throw Problem.invalid("dueOn", texts.say("problem.due-on"));
        }
    }

    private static boolean isUnfit(String text) {
        return text.isBlank() || text.length() > LONGEST_TEXT;
    }

    private CaseFiles.Read<?> read(ObjectNode file, FixList list) {
        try {
            return CaseFiles.read(JsonColumn.write(file).getBytes(StandardCharsets.UTF_8));
        } catch (BadInput e) {
            String path = list.points().size() == 1 ? list.points().getFirst().path() : e.pointer();
            throw Problem.invalid(path, e.getMessage());
        }
    }

    /** Nobody confirms their own benefit: that is the register's to say, or the caseworker's. */
    private static JsonNode cleaned(String path, JsonNode value) {
        return path.equals("linkedBenefit") && value instanceof ObjectNode benefit
                ? benefit.without("confirmed")
                : value;
    }

    private static String shortened(String words) {
        return words.length() <= LONGEST_TEXT ? words : words.substring(0, LONGEST_TEXT);
    }

    private static FixList with(FixList list, FixList.State state, List<Point> points, Optional<Instant> sentAt) {
        return new FixList(
                list.id(),
                list.claim(),
                list.round(),
                state,
                list.dueOn(),
                list.then(),
                points,
                sentAt,
                list.version());
    }
}
