package org.civitane.server.verification;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.calendar.Deadline;
import org.civitane.core.claim.Act;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimActs;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.History;
import org.civitane.server.casework.Wait;
import org.civitane.server.contact.Notices;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.context.ApplicationEventPublisher;
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
    private final Claims claims;
    private final ClaimActs acts;
    private final Notices notices;
    private final History history;
    private final SchedulerClient jobs;
    private final ApplicationEventPublisher events;
    private final AgencyClock clock;
    private final Texts texts;

    Doubts(
            JdbcClient database,
            Claims claims,
            ClaimActs acts,
            Notices notices,
            History history,
            SchedulerClient jobs,
            ApplicationEventPublisher events,
            AgencyClock clock,
            Texts texts) {
        this.database = database;
        this.claims = claims;
        this.acts = acts;
        this.notices = notices;
        this.history = history;
        this.jobs = jobs;
        this.events = events;
        this.clock = clock;
        this.texts = texts;
    }

    /** The doubt about a claim, if there ever was one. */
    @Transactional(readOnly = true)
    public Optional<Doubt> of(UUID claim) {
        return database.sql("select * from doubt where claim_id = ?")
                .param(claim)
                .query((row, number) -> new Doubt(
                        Doubt.State.valueOf(row.getString("state")),
                        row.getObject("due_on", LocalDate.class),
                        row.getString("why"),
                        row.getString("asked_by"),
                        row.getString("state").equals("ASKED")
                                && row.getObject("due_on").equals(row.getObject("first_due_on"))))
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
        database.sql("""
                        insert into doubt (claim_id, state, first_due_on, due_on, asked_by, why, asked_at) values (?, 'ASKED', ?, ?, ?, ?, ?)
                        on conflict (claim_id) do update set state = 'ASKED', first_due_on = excluded.first_due_on, due_on = excluded.due_on,
                          asked_by = excluded.asked_by, why = excluded.why, asked_at = excluded.asked_at, answered_at = null""")
                .params(claim.id(), due, due, caseworker.displayName(), why.strip(), Timestamp.from(clock.instant()))
                .update();
        claims.waitFor(claim.id(), wait(due));
        lapseAfter(claim.id(), due);
        history.add(
                claim.id(),
                Actor.of(caseworker),
                "doubted",
                texts.say("history.doubted", DayText.full(due), why.strip()));
        notices.tell(claim.id());
    }

    /** The person answers. "This was not me" needs no paper. */
    public void answer(SignedIn person, UUID claimId, boolean filed) {
        acts.byApplicant(claimId, person, Act.ANSWER, claim -> answer(person, claim, filed));
    }

    private Doubt answer(SignedIn person, ClaimView claim, boolean filed) {
        UUID claimId = claim.id();
        asked(claimId);
        settle(claimId, filed ? Doubt.State.FILED : Doubt.State.NOT_ME);
        history.add(
                claimId, Actor.of(person), "doubt-answered", texts.say(filed ? "history.filed" : "history.disowned"));
        if (claim.state() == ClaimState.WAITING) {
            claims.comeBack(claimId);
        }
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
        Doubt doubt = asked(claimId);
        Deadline deadline = Deadline.on(doubt.dueOn());
        if (why.isBlank()) {
            throw Problem.invalid("why", texts.say("problem.extension-why"));
        }
        if (days < 1 || days > MORE_TIME.mostDays()) {
            throw Problem.invalid("days", texts.say("problem.extension-days", MORE_TIME.mostDays()));
        }
        if (!doubt.mayAskForTime()
                || deadline.refusal(days, clock.today(), MORE_TIME).isPresent()) {
            throw Problem.conflict("extension", texts.say("problem.doubt-time"));
        }
        LocalDate due = deadline.extended(new Deadline.Extension(person.displayName(), why, days))
                .day();
        database.sql("update doubt set due_on = ?, more_time_why = ? where claim_id = ?")
                .params(due, why.strip(), claimId)
                .update();
        claims.waitLonger(claimId, wait(due));
        lapseAfter(claimId, due);
        history.add(
                claimId,
                Actor.of(person),
                "extension-granted",
                texts.say("history.extension-granted", DayText.full(due)));
        return asked(claimId);
    }

    /** The date has passed: the claim is decided on what is there. */
    void lapse(UUID claimId, LocalDate dueOn) {
        claims.hold(claimId);
        boolean stands = of(claimId)
                .filter(doubt ->
                        doubt.state() == Doubt.State.ASKED && doubt.dueOn().equals(dueOn))
                .isPresent();
        if (stands && claims.claim(claimId).state() == ClaimState.WAITING) {
            settle(claimId, Doubt.State.LAPSED);
            history.add(
                    claimId, Actor.CALENDAR, "doubt-lapsed", texts.say("history.doubt-lapsed", DayText.full(dueOn)));
            claims.comeBack(claimId);
        }
    }

    private Doubt asked(UUID claim) {
        return of(claim)
                .filter(doubt -> doubt.state() == Doubt.State.ASKED)
                .orElseThrow(() -> Problem.conflict("answered", texts.say("problem.answered")));
    }

    private void settle(UUID claim, Doubt.State state) {
        database.sql("update doubt set state = ?, answered_at = ? where claim_id = ?")
                .params(state.name(), Timestamp.from(clock.instant()), claim)
                .update();
    }

    private Wait wait(LocalDate due) {
        return new Wait(Wait.On.APPLICANT, texts.say("wait.doubt"), due, texts.say("wait.then.DECIDE"));
    }

    private void lapseAfter(UUID claim, LocalDate due) {
        jobs.scheduleIfNotExists(DoubtJob.TASK
                .instance(claim + "@" + due)
                .scheduledTo(due.plusDays(1).atStartOfDay(clock.getZone()).toInstant()));
    }
}
