package org.civitane.server.desk;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.Outcome;
import org.civitane.core.programme.Status;
import org.civitane.core.reasoning.Value;
import org.civitane.server.access.Accounts;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.History;
import org.civitane.server.corrections.FixLists;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Texts;
import org.civitane.server.verification.FactGroup;
import org.civitane.server.verification.FactSheet;
import org.civitane.server.verification.TimeText;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts together what the desk shows of a claim. */
@Component
class DeskView {
    private static final int FIX_LIST_DAYS = 12;

    private final Determinations determinations;
    private final FactSheet facts;
    private final InTheWay inTheWay;
    private final FixLists fixLists;
    private final Decisions decisions;
    private final History history;
    private final Accounts accounts;
    private final Texts texts;
    private final AgencyClock clock;

    DeskView(
            Determinations determinations,
            FactSheet facts,
            InTheWay inTheWay,
            FixLists fixLists,
            Decisions decisions,
            History history,
            Accounts accounts,
            Texts texts,
            AgencyClock clock) {
        this.determinations = determinations;
        this.facts = facts;
        this.inTheWay = inTheWay;
        this.fixLists = fixLists;
        this.decisions = decisions;
        this.history = history;
        this.accounts = accounts;
        this.texts = texts;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    Desk of(ClaimView claim, SignedIn who) {
        Determinations.Run run = determinations.current(claim);
        List<FactGroup> groups = facts.of(claim);
        List<Obstacle> obstacles = claim.state().isOpen() ? inTheWay.of(claim, run, groups) : List.of();
        boolean mine = claim.owner().filter(who.account()::equals).isPresent();
        return new Desk(
                claim.id(),
                claim.version(),
                claim.number(),
                run.wording().text("name"),
                claim.householdName(),
                claim.state().name(),
                sentence(claim, mine, obstacles),
                claim.receivedOn(),
                claim.dueBy(),
                BusinessCalendar.businessDaysBetween(clock.today(), claim.dueBy()),
                BusinessCalendar.businessDaysBetween(claim.receivedOn(), claim.dueBy()),
                claim.owner().map(accounts::account).map(SignedIn::displayName),
                mine,
                who.role() != Role.AUDITOR && mine && claim.state().isOpen(),
                obstacles,
                groups,
                result(run),
                run.working(),
                fixLists.newest(claim.id()),
                BusinessCalendar.rolledForward(clock.today().plusDays(FIX_LIST_DAYS)),
                told(claim.id()),
                decisions
                        .of(claim.id())
                        .map(decision -> new Desk.Decided(
                                TimeText.of(decision.at()),
                                decision.by(),
                                decision.reason(),
                                decision.kind() == org.civitane.server.decisions.Decision.Kind.CLOSED)),
                claim.edition());
    }

    private String sentence(ClaimView claim, boolean mine, List<Obstacle> obstacles) {
        return switch (claim.state()) {
            case RECEIVED -> texts.say("desk.received");
            case WAITING ->
                claim.waiting()
                        .map(wait -> texts.say(
                                "desk.waiting." + wait.on(), wait.what(), DayNames.of(wait.until()), wait.then()))
                        .orElse("");
            case READY -> texts.say(mine ? "desk.ready.mine" : "desk.ready");
            case IN_REVIEW -> texts.say(mine ? "desk.review.mine" : "desk.review", obstacles.size());
            case DECIDED, FULFILLED -> texts.say(claim.closed() ? "desk.closed" : "desk.decided");
            case WITHDRAWN -> texts.say("desk.withdrawn");
            case FROZEN -> texts.say("desk.frozen");
            case DRAFT, SIGNING -> "";
        };
    }

    private Desk.Result result(Determinations.Run run) {
        List<Outcome> outcomes = run.determination().outcomes();
        List<String> results = outcomes.stream().map(Outcome::result).distinct().toList();
        String headline = results.isEmpty()
                ? texts.say("desk.nobody")
                : results.stream()
                        .map(result -> run.wording().text("outcome." + result))
                        .collect(Collectors.joining(", "));
        return new Desk.Result(
                headline,
                detail(run),
                run.determination().status() == Status.DETERMINED,
                results.contains("DENIED"),
                scale(run));
    }

    /** Whom it is about and for how long; for a household as a whole the programme's own summary. */
    private String detail(Determinations.Run run) {
        List<Outcome> outcomes = run.determination().outcomes();
        if (outcomes.isEmpty()) {
            return "";
        }
        Outcome first = outcomes.getFirst();
        String summary = run.wording().textOr("summary." + first.result(), "");
        if (!summary.isEmpty()) {
            return run.wording().filled(summary, run.places(first));
        }
        if (!run.isAboutPeople()) {
            return run.places(first).get("basis");
        }
        String whom = texts.say("desk.for", run.subjects(), run.namesOf(outcomes));
        return outcomes.stream()
                .filter(outcome -> outcome.more().containsKey("from"))
                .findFirst()
                .map(run::places)
                .map(places -> whom + " · " + texts.say("desk.span", places.get("from"), places.get("to")))
                .orElse(whom);
    }

    private static Optional<Desk.Scale> scale(Determinations.Run run) {
        Map<String, Value> figures = run.determination().figures();
        return run.read()
                .programme()
                .scale()
                .filter(scale -> figures.get(scale.figure()) instanceof Value.Amount)
                .map(scale -> new Desk.Scale(
                        run.wording()
                                .filled(
                                        run.wording().text("scale.words"),
                                        run.places(
                                                run.determination().outcomes().getFirst())),
                        amount(figures.get(scale.figure())),
                        scale.limits().stream()
                                .map(figures::get)
                                .map(DeskView::amount)
                                .toList()));
    }

    private static String amount(Value value) {
        return value instanceof Value.Amount amount ? amount.money().toString() : "";
    }

    private List<Desk.Told> told(UUID claim) {
        return history.of(claim).stream()
                .map(line -> new Desk.Told(TimeText.of(line.at()), line.actor(), line.sentence()))
                .toList();
    }
}
