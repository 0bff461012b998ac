package org.civitane.server.desk;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.claim.Act;
import org.civitane.core.programme.Outcome;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Value;
import org.civitane.server.access.Accounts;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.ClaimActs;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.History;
import org.civitane.server.contact.Contact;
import org.civitane.server.corrections.FixLists;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.RegisterRequest;
import org.civitane.server.verification.Fact;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** Puts together what the desk shows of a claim. */
@Component
class DeskView {
    private final DayStanding standing;
    private final Situations situations;
    private final Dossiers dossiers;
    private final InTheWay inTheWay;
    private final RegisterWords answers;
    private final Claims claims;
    private final ClaimActs acts;
    private final FixLists fixLists;
    private final Decisions decisions;
    private final History history;
    private final Accounts accounts;
    private final Texts texts;
    private final AgencyClock clock;

    DeskView(
            DayStanding standing,
            Situations situations,
            Dossiers dossiers,
            InTheWay inTheWay,
            RegisterWords answers,
            Claims claims,
            ClaimActs acts,
            FixLists fixLists,
            Decisions decisions,
            History history,
            Accounts accounts,
            Texts texts,
            AgencyClock clock) {
        this.standing = standing;
        this.situations = situations;
        this.dossiers = dossiers;
        this.inTheWay = inTheWay;
        this.answers = answers;
        this.claims = claims;
        this.acts = acts;
        this.fixLists = fixLists;
        this.decisions = decisions;
        this.history = history;
        this.accounts = accounts;
        this.texts = texts;
        this.clock = clock;
    }

    /** The desk as it is now; where something happened to the claim in this transaction, as that left it. */
    @Transactional(readOnly = true)
    Desk of(UUID id, SignedIn who) {
        Situation now = standing.standNow(id).orElseGet(() -> situations.of(dossiers.of(id)));
        ClaimView claim = claims.claim(id);
        Run run = now.run();
        List<Obstacle> obstacles = claim.state().isOpen() ? inTheWay.of(now) : List.of();
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
                claim.decideBy(),
                BusinessCalendar.businessDaysBetween(clock.today(), claim.decideBy()),
                BusinessCalendar.businessDaysBetween(claim.receivedOn(), claim.decideBy()),
                claim.owner().map(accounts::account).map(SignedIn::displayName),
                mine,
                acts.may(who, Act.ESTABLISH, claim),
                acts.may(who, Act.DECIDE, claim),
                acts.may(who, Act.CORRESPOND, claim),
                obstacles,
                now.facts(),
                result(run),
                run.working(),
                now.fixLists(),
                now.moreTime(),
                fixLists.suggestedDueOn(claim),
                fixLists.latestDueOn(claim),
                told(claim.id()),
                decisions
                        .of(claim.id())
                        .map(decision -> new Desk.Decided(
                                DayText.moment(decision.at()),
                                decision.by(),
                                decision.reason(),
                                decision.kind() == org.civitane.server.decisions.Decision.Kind.CLOSED)),
                claim.edition(),
                now.unread(),
                now.proposedMatches(),
                now.review().requests().stream()
                        .map(request -> asked(request, run))
                        .toList(),
                now.review().identity(),
                now.review().doubt(),
                claim.urgent(),
                unasked(now),
                now.review().income(),
                caution(now.dossier().contact()));
    }

    /** The facts whose views differ and on which nothing hangs, with what was said of each. */
    @Transactional(readOnly = true)
    Map<FactPath, JsonNode> immaterial(ClaimView claim) {
        Situation now = situations.of(dossiers.of(claim));
        Set<String> paths = inTheWay.of(now).stream()
                .filter(each -> each.kind() == Obstacle.Kind.FACT && each.weight() == Obstacle.Weight.IMMATERIAL)
                .map(Obstacle::path)
                .collect(Collectors.toSet());
        Map<FactPath, JsonNode> said = new LinkedHashMap<>();
        now.facts().stream()
                .flatMap(group -> group.facts().stream())
                .filter(fact -> paths.contains(fact.path()))
                .forEach(fact -> fact.said()
                        .flatMap(Fact.Shown::value)
                        .ifPresent(value -> said.put(new FactPath(fact.path()), value)));
        return said;
    }

    private Desk.Inquiry asked(RegisterRequest request, Run run) {
        return new Desk.Inquiry(
                request.id(),
                request.register(),
                texts.say("register." + request.register()),
                request.subject().isEmpty() ? "" : run.nameOf(request.subject()),
                request.state(),
                texts.say(
                        "register.asked-at",
                        DayText.moment(request.triedAt().orElse(request.askedAt())),
                        request.attempts()),
                answers.words(request));
    }

    private static List<Desk.Unasked> unasked(Situation now) {
        return now.facts().stream()
                .flatMap(group -> group.facts().stream())
                .filter(fact -> fact.settled().filter(Fact.Settled::unasked).isPresent())
                .map(fact -> new Desk.Unasked(
                        fact.label(), fact.settled().orElseThrow().reason()))
                .toList();
    }

    /** What to mind before calling or writing; empty when nothing is marked. */
    private String caution(Contact contact) {
        if (!contact.isMarked()) {
            return "";
        }
        List<String> words = new ArrayList<>();
        if (!contact.mayCall()) {
            words.add(texts.say("caution.call"));
        }
        if (!contact.mayText()) {
            words.add(texts.say("caution.text"));
        }
        if (!contact.mayEmail()) {
            words.add(texts.say("caution.email"));
        }
        if (!contact.mayLetter()) {
            words.add(texts.say("caution.letter"));
        }
        if (!contact.safeName().isEmpty()) {
            words.add(texts.say("caution.name", contact.safeName()));
        }
        if (!contact.safeTime().isEmpty()) {
            words.add(texts.say("caution.time", contact.safeTime()));
        }
        return String.join(" ", words);
    }

    private String sentence(ClaimView claim, boolean mine, List<Obstacle> obstacles) {
        return switch (claim.state()) {
            case RECEIVED -> texts.say("desk.received");
            case WAITING, SIGNING ->
                claim.waiting()
                        .map(wait -> texts.say(
                                "desk.waiting." + wait.on(), wait.what(), DayText.brief(wait.until()), wait.then()))
                        .orElse("");
            case READY -> texts.say(mine ? "desk.ready.mine" : "desk.ready");
            case IN_REVIEW -> texts.say(mine ? "desk.review.mine" : "desk.review", matter(obstacles));
            case DECIDED, FULFILLED -> texts.say(claim.closed() ? "desk.closed" : "desk.decided");
            case WITHDRAWN -> texts.say("desk.withdrawn");
            case FROZEN -> texts.say("desk.frozen");
            case DRAFT -> "";
        };
    }

    /** How many of them could change what is decided. */
    private static long matter(List<Obstacle> obstacles) {
        return obstacles.stream()
                .filter(each -> each.weight() != Obstacle.Weight.IMMATERIAL)
                .count();
    }

    Desk.Result result(Run run) {
        List<Outcome> outcomes = run.determination().outcomes();
        return new Desk.Result(
                outcomes.isEmpty() ? texts.say("desk.nobody") : texts.say(run.headline()),
                detail(run),
                run.determination().status().isFinal(),
                outcomes.stream().anyMatch(outcome -> run.findingOf(outcome).needsReason()),
                scale(run));
    }

    /** Whom it is about and for how long; for a household as a whole the programme's own summary. */
    private String detail(Run run) {
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

    private static Optional<Desk.Scale> scale(Run run) {
        Map<String, Value> figures = run.determination().figures();
        return run.programme()
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
                .map(line -> new Desk.Told(DayText.moment(line.at()), line.actor(), line.sentence()))
                .toList();
    }
}
