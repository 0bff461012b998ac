package org.civitane.server.corrections;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.fact.SaidBy;
import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Notices;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.NullNode;
import tools.jackson.databind.node.ObjectNode;

/** Writing and sending fix lists, and what happens when nobody answers. */
@Service
@Transactional
public class FixLists {
    private static final int MOST_POINTS = 20;
    private static final int USUAL_DAYS = 12;
    /** Business days that an applicant needs at the least. */
    private static final int SHORTEST = 5;

    private static final int LONGEST_TEXT = 1000;

    private final FixListStore store;
    private final Claims claims;
    private final Asks asks;
    private final Notices notices;
    private final AgencyClock clock;

    FixLists(FixListStore store, Claims claims, Asks asks, Notices notices, AgencyClock clock) {
        this.store = store;
        this.claims = claims;
        this.asks = asks;
        this.notices = notices;
        this.clock = clock;
    }

    /** All rounds of a claim, the newest first; each keeps what was asked and answered in it. */
    @Transactional(readOnly = true)
    public List<FixList> of(UUID claim) {
        return store.of(claim);
    }

    /** The newest list of a claim, in whatever state it is. */
    @Transactional(readOnly = true)
    public Optional<FixList> newest(UUID claim) {
        return store.newest(claim);
    }

    /** By when a list sent today is reasonably answered: a business day, twelve days from now where there is time. */
    public LocalDate suggestedDueOn(ClaimView claim) {
        LocalDate usual = usualDueOn();
        LocalDate latest = latestDueOn(claim);
        return usual.isAfter(latest) ? latest : usual;
    }

    /**
     * The last day that a list sent today may give: the business day before the desk means to decide. Where that leaves
     * less than a week, it is the usual time, and the day of decision moves with it.
     */
    public LocalDate latestDueOn(ClaimView claim) {
        LocalDate before = BusinessCalendar.minusBusinessDays(claim.decideBy(), 1);
        return before.isBefore(BusinessCalendar.plusBusinessDays(clock.today(), SHORTEST)) ? usualDueOn() : before;
    }

    private LocalDate usualDueOn() {
        return asks.inDays(USUAL_DAYS);
    }

    /** Saves the list that is being written; makes it when there is none. */
    public FixList save(ClaimView claim, List<Point> points, LocalDate dueOn, FixList.Then then) {
        check(claim, points, dueOn);
        FixList draft = draftOf(claim, dueOn, then);
        store.update(draft.written(points, dueOn, then));
        return store.find(draft.id()).orElseThrow();
    }

    /** Sends the list that is being written; the claim then waits for the applicant. */
    public FixList send(ClaimView claim, SignedIn caseworker) {
        FixList draft = store.newest(claim.id())
                .filter(list ->
                        list.state() == FixList.State.DRAFT && !list.points().isEmpty())
                .orElseThrow(() -> Problem.conflict("no-fix-list", Phrase.of("problem.no-fix-list")));
        check(claim, draft.points(), draft.dueOn());
        ObjectNode file = JsonColumn.readObject(claims.newestEdition(claim));
        List<Point> points = draft.points().stream()
                .map(point -> point.sentWith(before(file, point)))
                .toList();
        FixList sent = draft.sent(points, clock.instant());
        store.update(sent);
        asks.ask(
                claim,
                Ask.Kind.FIX_LIST,
                sent.id(),
                owed(sent),
                sent.dueOn(),
                Ask.Then.valueOf(sent.then().name()),
                caseworker.displayName());
        claims.note(
                claim.id(),
                Actor.of(caseworker),
                "fix-list-sent",
                Phrase.of("history.fix-list-sent", points.size(), Phrase.full(draft.dueOn())));
        notices.tell(claim.id());
        return sent;
    }

    /** Nobody answered in time. */
    @EventListener
    void lapsed(AskLapsed event) {
        if (event.ask().kind() == Ask.Kind.FIX_LIST) {
            FixList list = store.find(event.ask().about()).orElseThrow();
            store.update(list.as(FixList.State.LAPSED, list.points()));
        }
    }

    /** What is still owed of a list. */
    static Phrase owed(FixList list) {
        return Phrase.of("wait.fix-list", list.open());
    }

    private static JsonNode before(ObjectNode file, Point point) {
        return point.isForPaper()
                ? NullNode.getInstance()
                : CasePaths.get(file, new FactPath(point.path())).orElse(NullNode.getInstance());
    }

    private FixList draftOf(ClaimView claim, LocalDate dueOn, FixList.Then then) {
        Optional<FixList> newest = store.newest(claim.id());
        if (newest.filter(list -> list.state() == FixList.State.SENT).isPresent()) {
            throw Problem.conflict("fix-list-out", Phrase.of("problem.fix-list-out"));
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

    private void check(ClaimView claim, List<Point> points, LocalDate dueOn) {
        if (points.size() > MOST_POINTS
                || points.stream()
                        .anyMatch(
                                point -> isUnfit(point.reason()) || isUnfit(point.good()) || isUnfit(point.title()))) {
            throw Problem.invalid("points", Phrase.of("problem.points"));
        }
        points.stream()
                .filter(point -> !point.isForPaper() && !isTheirsToSay(claim, point.path()))
                .findFirst()
                .ifPresent(point -> {
                    throw Problem.invalid(point.path(), Phrase.of("problem.not-theirs-to-say"));
                });
        if (points.stream().map(Point::path).distinct().count() < points.size()) {
            throw Problem.invalid("points", Phrase.of("problem.points-twice"));
        }
        if (!dueOn.isAfter(clock.today())) {
            throw Problem.invalid("dueOn", Phrase.of("problem.due-on"));
        }
        LocalDate latest = latestDueOn(claim);
        if (dueOn.isAfter(latest)) {
            throw Problem.invalid(
                    "dueOn", Phrase.of("problem.due-on-late", DayText.full(latest), DayText.full(claim.decideBy())));
        }
    }

    /** A signature or what a register says is nothing that an applicant could answer, whoever asks them. */
    private static boolean isTheirsToSay(ClaimView claim, String path) {
        List<FactSpec> facts = Claims.programmeOf(claim).facts();
        FactPath within = new FactPath(path);
        String first = path.split("/", 2)[0];
        return facts.stream().filter(fact -> fact.name().equals(first)).allMatch(FixLists::isTheApplicants)
                && FactSpecs.named(facts, within).map(FixLists::isTheApplicants).orElse(true);
    }

    private static boolean isTheApplicants(FactSpec fact) {
        return fact.saidBy() == SaidBy.APPLICANT;
    }

    private static boolean isUnfit(String text) {
        return text.isBlank() || text.length() > LONGEST_TEXT;
    }
}
