package org.civitane.server.doubts;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.calendar.Deadline;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.civitane.server.asks.Asks;
import org.civitane.server.asks.Extensions;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.History;
import org.civitane.server.contact.Notices;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Asks the person behind a doubted claim whether they filed it, and takes the answer (rulebook, identity, Casework). */
@Service
@Transactional
public class Doubts {
    private static final int DAYS = 12;
    private static final Deadline.Allowance MORE_TIME = new Deadline.Allowance(1, 10);

    private final DoubtStore store;
    private final Asks asks;
    private final Extensions extensions;
    private final ClaimActs acts;
    private final Notices notices;
    private final History history;
    private final ApplicationEventPublisher events;

    Doubts(
            DoubtStore store,
            Asks asks,
            Extensions extensions,
            ClaimActs acts,
            Notices notices,
            History history,
            ApplicationEventPublisher events) {
        this.store = store;
        this.asks = asks;
        this.extensions = extensions;
        this.acts = acts;
        this.notices = notices;
        this.history = history;
        this.events = events;
    }

    /** The doubt about a claim, if there ever was one. */
    @Transactional(readOnly = true)
    public Optional<Doubt> of(UUID claim) {
        return store.of(claim);
    }

    /** Someone is to show who they are: the claim waits for them, 12 calendar days, rolled forward. */
    public void ask(ClaimView claim, Doubt.Occasion occasion, String why, SignedIn caseworker) {
        if (why.isBlank()) {
            throw Problem.invalid("why", Phrase.of("problem.reason"));
        }
        if (of(claim.id()).filter(doubt -> doubt.state() == Doubt.State.ASKED).isPresent()) {
            throw Problem.conflict("doubt-asked", Phrase.of("problem.doubt-asked"));
        }
        LocalDate due = asks.inDays(DAYS);
        Ask ask = asks.ask(
                claim,
                Ask.Kind.DOUBT,
                claim.id(),
                Phrase.of("wait.doubt." + occasion),
                due,
                Ask.Then.DECIDE,
                caseworker.displayName());
        store.asked(ask, occasion, why.strip(), caseworker.displayName());
        history.add(
                claim.id(),
                Actor.of(caseworker),
                "doubted",
                Phrase.of("history.doubted." + occasion, Phrase.full(due), why.strip()));
        if (occasion == Doubt.Occasion.DOUBTED) {
            events.publishEvent(new Doubted(claim.id()));
        }
        notices.tell(claim.id());
    }

    /**
     * A document was sent back, and that one alone is asked for once more; where an answer is owed already, it is part
     * of that.
     */
    public void askAgain(ClaimView claim, String why, SignedIn caseworker) {
        Optional<Doubt> before = of(claim.id());
        if (before.filter(doubt -> doubt.state() == Doubt.State.ASKED).isEmpty()) {
            ask(claim, before.map(Doubt::occasion).orElse(Doubt.Occasion.INTAKE), why, caseworker);
        }
    }

    /** The person says that they did not file it; that needs no paper. @throws Problem when nobody asks them */
    public void disown(SignedIn person, UUID claimId) {
        acts.byApplicant(claimId, person, Act.ANSWER, claim -> {
            if (of(claimId)
                    .filter(doubt -> doubt.occasion() == Doubt.Occasion.DOUBTED)
                    .isEmpty()) {
                throw Problem.conflict("answered", Phrase.of("problem.answered"));
            }
            settle(claimId, Doubt.State.NOT_ME, Phrase.of("history.disowned"), Actor.of(person));
            events.publishEvent(new Disowned(claimId));
            return claim;
        });
    }

    /** The same from someone without an account, who was told by letter; the claim is held. */
    public void disownByLetter(UUID claimId, Actor by) {
        settle(claimId, Doubt.State.NOT_ME, Phrase.of("history.disowned"), by);
        events.publishEvent(new Disowned(claimId));
    }

    /** They handed in what they have to show, and say that they filed it where they were asked. */
    public void handedIn(SignedIn person, UUID claimId) {
        of(claimId).filter(doubt -> doubt.state() == Doubt.State.ASKED).ifPresent(doubt -> {
            boolean doubted = doubt.occasion() == Doubt.Occasion.DOUBTED;
            settle(
                    claimId,
                    doubted ? Doubt.State.FILED : Doubt.State.SHOWN,
                    Phrase.of(doubted ? "history.filed" : "history.shown"),
                    Actor.of(person));
        });
    }

    private void settle(UUID claimId, Doubt.State state, Phrase words, Actor by) {
        Ask ask = asked(claimId);
        store.settle(claimId, state);
        history.add(claimId, by, "doubt-answered", words);
        asks.answered(ask);
        events.publishEvent(new IdentityMayChange(claimId));
    }

    /** The one extension, of up to ten days, counted from the old date. @throws Problem when there is none */
    public Doubt moreTime(SignedIn person, UUID claimId, int days, String why) {
        return acts.byApplicant(claimId, person, Act.ANSWER, claim -> moreTime(person, claim, days, why));
    }

    private Doubt moreTime(SignedIn person, ClaimView claim, int days, String why) {
        UUID claimId = claim.id();
        extensions.take(asked(claimId), days, why, MORE_TIME, person);
        return of(claimId).orElseThrow();
    }

    /** The date has passed: the claim is decided on what is there. */
    @EventListener
    void lapsed(AskLapsed event) {
        if (event.ask().kind() == Ask.Kind.DOUBT) {
            store.settle(event.ask().claim(), Doubt.State.LAPSED);
        }
    }

    private Ask asked(UUID claim) {
        return asks.open(claim, Ask.Kind.DOUBT)
                .orElseThrow(() -> Problem.conflict("answered", Phrase.of("problem.answered")));
    }
}
