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

    /** A caseworker doubts: the claim waits for the person, 12 calendar days, rolled forward. */
    public void ask(ClaimView claim, String why, SignedIn caseworker) {
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
                Phrase.of("wait.doubt"),
                due,
                Ask.Then.DECIDE,
                caseworker.displayName());
        store.asked(ask, why.strip(), caseworker.displayName());
        history.add(
                claim.id(),
                Actor.of(caseworker),
                "doubted",
                Phrase.of("history.doubted", Phrase.full(due), why.strip()));
        notices.tell(claim.id());
    }

    /** The person answers. "This was not me" needs no paper. */
    public void answer(SignedIn person, UUID claimId, boolean filed) {
        acts.byApplicant(claimId, person, Act.ANSWER, claim -> answer(person, claim, filed));
    }

    private Doubt answer(SignedIn person, ClaimView claim, boolean filed) {
        UUID claimId = claim.id();
        Ask ask = asked(claimId);
        store.settle(claimId, filed ? Doubt.State.FILED : Doubt.State.NOT_ME);
        history.add(
                claimId, Actor.of(person), "doubt-answered", Phrase.of(filed ? "history.filed" : "history.disowned"));
        asks.answered(ask);
        events.publishEvent(new IdentityMayChange(claimId));
        if (!filed) {
            events.publishEvent(new Disowned(claimId));
        }
        return of(claimId).orElseThrow();
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
