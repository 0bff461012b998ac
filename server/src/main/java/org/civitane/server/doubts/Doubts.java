package org.civitane.server.doubts;

import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.calendar.Deadline;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.civitane.server.asks.Asks;
import org.civitane.server.asks.Extensions;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimActs;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.History;
import org.civitane.server.contact.Notices;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Asks the person behind a doubted claim whether they filed it, and takes the answer (rulebook, identity, Casework). */
@Service
@Transactional
public class Doubts {
    private static final int DAYS = 12;
    private static final Deadline.Allowance MORE_TIME = new Deadline.Allowance(1, 10);

    private final JdbcClient database;
    private final Asks asks;
    private final Extensions extensions;
    private final ClaimActs acts;
    private final Notices notices;
    private final History history;
    private final ApplicationEventPublisher events;
    private final AgencyClock clock;
    private final Texts texts;

    Doubts(
            JdbcClient database,
            Asks asks,
            Extensions extensions,
            ClaimActs acts,
            Notices notices,
            History history,
            ApplicationEventPublisher events,
            AgencyClock clock,
            Texts texts) {
        this.database = database;
        this.asks = asks;
        this.extensions = extensions;
        this.acts = acts;
        this.notices = notices;
        this.history = history;
        this.events = events;
        this.clock = clock;
        this.texts = texts;
    }

    /** The doubt about a claim, if there ever was one. */
    @Transactional(readOnly = true)
    public Optional<Doubt> of(UUID claim) {
        return database.sql("""
                        select d.*, a.due_on, exists (select from more_time m where m.ask_id = a.id) as extended
                        from doubt d join ask a on a.id = d.ask_id where d.claim_id = ?""")
                .param(claim)
                .query((row, number) -> new Doubt(
                        Doubt.State.valueOf(row.getString("state")),
                        row.getObject("due_on", LocalDate.class),
                        row.getString("why"),
                        row.getString("asked_by"),
                        row.getString("state").equals("ASKED") && !row.getBoolean("extended")))
                .optional();
    }

    /** A caseworker doubts: the claim waits for the person, 12 calendar days, rolled forward. */
    public void ask(ClaimView claim, String why, SignedIn caseworker) {
        if (why.isBlank()) {
            throw Problem.invalid("why", texts.say("problem.reason"));
        }
        if (of(claim.id()).filter(doubt -> doubt.state() == Doubt.State.ASKED).isPresent()) {
            throw Problem.conflict("doubt-asked", texts.say("problem.doubt-asked"));
        }
        LocalDate due = BusinessCalendar.rolledForward(clock.today().plusDays(DAYS));
        Ask ask = asks.ask(
                claim,
                Ask.Kind.DOUBT,
                claim.id(),
                Phrase.of("wait.doubt"),
                due,
                Ask.Then.DECIDE,
                caseworker.displayName());
        database.sql("""
                        insert into doubt (claim_id, ask_id, state, asked_by, why, asked_at) values (?, ?, 'ASKED', ?, ?, ?)
                        on conflict (claim_id) do update set ask_id = excluded.ask_id, state = 'ASKED', asked_by = excluded.asked_by,
                          why = excluded.why, asked_at = excluded.asked_at, answered_at = null""")
                .params(claim.id(), ask.id(), caseworker.displayName(), why.strip(), Timestamp.from(clock.instant()))
                .update();
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
        settle(claimId, filed ? Doubt.State.FILED : Doubt.State.NOT_ME);
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
            settle(event.ask().claim(), Doubt.State.LAPSED);
        }
    }

    private Ask asked(UUID claim) {
        return asks.open(claim, Ask.Kind.DOUBT)
                .orElseThrow(() -> Problem.conflict("answered", texts.say("problem.answered")));
    }

    private void settle(UUID claim, Doubt.State state) {
        database.sql("update doubt set state = ?, answered_at = ? where claim_id = ?")
                .params(state.name(), Timestamp.from(clock.instant()), claim)
                .update();
    }
}
