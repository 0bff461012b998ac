package org.civitane.server.asks;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimEnded;
import org.civitane.server.claims.ClaimReleased;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.claims.Wait;
import org.civitane.server.contact.Notices;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Whatever people owe by a day. A claim waits for what holds it up and is due first; what is announced with
 * an ask happens once, on the day after it was due.
 */
@Service
@Transactional
public class Asks {
    /** Business days before the last one, on which whoever owes something is reminded. */
    private static final int REMINDED = 3;
    /** Business days that are left at least once a claim goes on that was held, since while it was nobody could answer. */
    private static final int AFTER_HOLD = 5;

    private static final LocalTime MORNING = LocalTime.of(9, 0);

    private final AskStore store;
    private final AskJobs jobs;
    private final Claims claims;
    private final Notices notices;
    private final ApplicationEventPublisher events;
    private final AgencyClock clock;

    Asks(
            AskStore store,
            AskJobs jobs,
            Claims claims,
            Notices notices,
            ApplicationEventPublisher events,
            AgencyClock clock) {
        this.store = store;
        this.jobs = jobs;
        this.claims = claims;
        this.notices = notices;
        this.events = events;
        this.clock = clock;
    }

    /** All asks of a claim, as they were asked. */
    @Transactional(readOnly = true)
    public List<Ask> of(UUID claim) {
        return store.of(claim);
    }

    /** The open ask of a kind. */
    @Transactional(readOnly = true)
    public Optional<Ask> open(UUID claim, Ask.Kind kind) {
        return open(claim).stream().filter(ask -> ask.kind() == kind).findFirst();
    }

    /**
     * The applicant owes something from now on; the claim waits for it where it holds the claim up.
     *
     * @param about what it is asked with
     * @param what what is owed, as a phrase
     * @param by who asks, for the record
     */
    public Ask ask(ClaimView claim, Ask.Kind kind, UUID about, Phrase what, LocalDate dueOn, Ask.Then then, String by) {
        Ask ask = begin(claim, new Ask.Wanted(kind, "", what, dueOn, then, List.of()), about, by);
        schedule(ask);
        return ask;
    }

    /** Someone else owes something from now on. @param by who asks, for the record */
    public Ask ask(ClaimView claim, Ask.Wanted wanted, String by) {
        Ask ask = begin(claim, wanted, claim.id(), by);
        jobs.lapse(ask);
        for (LocalDate day : wanted.remindedOn()) {
            jobs.remind(ask, day.atTime(MORNING));
        }
        return ask;
    }

    private Ask begin(ClaimView claim, Ask.Wanted wanted, UUID about, String by) {
        Ask ask = new Ask(
                UUID.randomUUID(),
                claim.id(),
                wanted.kind(),
                about,
                wanted.whom(),
                wanted.what(),
                wanted.dueOn(),
                wanted.dueOn(),
                wanted.then(),
                Ask.State.OPEN,
                List.of());
        store.insert(ask, by, clock.instant());
        if (ask.kind().holdsUp()) {
            claims.waitFor(claim.id(), ask.asWait());
            waitForTheFirst(claim.id());
        }
        return ask;
    }

    /** The day by which something is owed that is asked for today with so many calendar days: a business day. */
    public LocalDate inDays(int days) {
        return BusinessCalendar.rolledForward(clock.today().plusDays(days));
    }

    /** An ask by its id, whatever became of it. */
    @Transactional(readOnly = true)
    public Optional<Ask> find(UUID id) {
        return store.find(id);
    }

    /** What this person owes of a claim. */
    @Transactional(readOnly = true)
    public Optional<Ask> openOf(UUID claim, String whom) {
        return open(claim).stream().filter(ask -> ask.whom().equals(whom)).findFirst();
    }

    /** Some of it came; the claim waits for the rest. @param rest what is still owed */
    public void partly(Ask ask, Phrase rest) {
        store.update(ask.as(Ask.State.PARTLY, rest));
        waitForTheFirst(ask.claim());
    }

    /** All of it came: unless something else holds the claim up, it comes back. */
    public void answered(Ask ask) {
        store.update(ask.as(Ask.State.ANSWERED, ask.what()));
        goOn(ask);
    }

    /** Nobody needs the answers any more. */
    @EventListener
    void ended(ClaimEnded event) {
        open(event.claim()).forEach(ask -> store.update(ask.as(Ask.State.WITHDRAWN, ask.what())));
    }

    /** Its last day is another from now on. */
    void move(Ask ask, LocalDate dueOn) {
        Ask moved = ask.dueOn(dueOn);
        store.update(moved);
        if (moved.kind().holdsUp() && claims.claim(ask.claim()).state() == ClaimState.WAITING) {
            claims.waitLonger(ask.claim(), moved.asWait());
            waitForTheFirst(ask.claim());
        }
        schedule(moved);
    }

    /** The day has passed: unless it was answered or moved, or the claim is held, what was announced happens. */
    void lapse(UUID id, LocalDate dueOn) {
        store.find(id).map(Ask::claim).ifPresent(claims::hold);
        store.find(id).filter(ask -> isStillOwed(ask, dueOn)).ifPresent(ask -> {
            store.update(ask.as(Ask.State.LAPSED, ask.what()));
            claims.note(
                    ask.claim(),
                    Actor.CALENDAR,
                    "ask-lapsed",
                    Phrase.of("history.lapsed." + ask.kind(), Phrase.full(dueOn), ask.what()));
            goOn(ask);
            events.publishEvent(new AskLapsed(ask));
        });
    }

    /** Some days before the last one: whoever still owes it is told once more. */
    void remind(UUID id, LocalDate dueOn) {
        store.find(id).map(Ask::claim).ifPresent(claims::hold);
        store.find(id).filter(ask -> isStillOwed(ask, dueOn)).ifPresent(ask -> {
            claims.note(
                    ask.claim(),
                    Actor.CALENDAR,
                    "reminded",
                    Phrase.of("history.reminded", ask.what(), Phrase.full(dueOn)));
            if (ask.kind().owedBy() == Wait.On.APPLICANT) {
                notices.tell(ask.claim());
            } else {
                events.publishEvent(new AskReminded(ask));
            }
        });
    }

    private boolean isStillOwed(Ask ask, LocalDate dueOn) {
        return ask.state().isOpen()
                && ask.dueOn().equals(dueOn)
                && !claims.claim(ask.claim()).held();
    }

    /** A claim goes on that was held: what is still owed is owed again, and there is time left for it. */
    @EventListener
    void released(ClaimReleased event) {
        LocalDate first = BusinessCalendar.plusBusinessDays(clock.today(), AFTER_HOLD);
        for (Ask ask : open(event.claim())) {
            Ask moved = ask.dueOn().isBefore(first) ? ask.dueOn(first) : ask;
            store.update(moved);
            schedule(moved);
        }
        waitForTheFirst(event.claim());
    }

    /** Asks that nobody would ever end: their day has no work of its own, or the claim goes on without them. */
    @Transactional(readOnly = true)
    public List<Ask> astray() {
        return store.astray();
    }

    /** An ask ends on its day, and its claim waits for it, as if it had been asked now. */
    void mend(Ask found) {
        claims.hold(found.claim());
        store.find(found.id()).filter(ask -> ask.state().isOpen()).ifPresent(ask -> {
            schedule(ask);
            waitForTheFirst(ask.claim());
        });
    }

    private void schedule(Ask ask) {
        jobs.lapse(ask);
        remindedOn(ask).forEach(day -> jobs.remind(ask, day.atTime(MORNING)));
    }

    /** The days before the last one that its kind tells; else some business days before, unless that is tomorrow. */
    private List<LocalDate> remindedOn(Ask ask) {
        if (!ask.kind().remindedBefore().isEmpty()) {
            return ask.kind().remindedBefore().stream()
                    .map(before -> BusinessCalendar.rolledBack(ask.dueOn().minusDays(before)))
                    .filter(day -> day.isAfter(clock.today()))
                    .toList();
        }
        LocalDate day = BusinessCalendar.minusBusinessDays(ask.dueOn(), REMINDED);
        return day.isAfter(clock.today().plusDays(1)) ? List.of(day) : List.of();
    }

    private List<Ask> open(UUID claim) {
        return store.of(claim).stream().filter(ask -> ask.state().isOpen()).toList();
    }

    /** Something came, or comes no more: unless something else holds the claim up, it comes back. */
    private void goOn(Ask ask) {
        if (ask.kind() == Ask.Kind.SIGNATURE
                && open(ask.claim()).stream().noneMatch(each -> each.kind() == Ask.Kind.SIGNATURE)) {
            claims.signed(ask.claim());
        }
        if (open(ask.claim()).stream().anyMatch(each -> each.kind().holdsUp())) {
            waitForTheFirst(ask.claim());
        } else if (ask.kind().holdsUp()) {
            claims.comeBack(ask.claim());
        } else {
            claims.touch(ask.claim());
        }
    }

    /** A claim that something holds up waits for what is due first of that, unless it is itself held. */
    private void waitForTheFirst(UUID claim) {
        ClaimView now = claims.claim(claim);
        if (now.state().isOpen() && !now.held()) {
            open(claim).stream()
                    .filter(ask -> ask.kind().holdsUp())
                    .min(Comparator.comparing(Ask::dueOn))
                    .map(Ask::asWait)
                    .ifPresent(wait -> claims.waitFor(claim, wait));
        }
    }
}
