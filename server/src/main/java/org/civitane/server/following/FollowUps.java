package org.civitane.server.following;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Consequence;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.decisions.Decided;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What follows a decision but for money: planned in its transaction, each once; on its day the decided claim comes to
 * the day sheet, until a caseworker says that it is done.
 */
@Service
@Transactional
public class FollowUps {
    private static final int LONGEST_NOTE = 500;

    /** What is to be done. */
    private enum Kind {
        ISSUE,
        MEET,
        ENTER,
        CHECK_AGAIN
    }

    private final JdbcClient database;
    private final FollowUpJobs jobs;
    private final Claims claims;
    private final AgencyClock clock;

    FollowUps(JdbcClient database, FollowUpJobs jobs, Claims claims, AgencyClock clock) {
        this.database = database;
        this.jobs = jobs;
        this.claims = claims;
        this.clock = clock;
    }

    /** Of a claim, the first day first. */
    @Transactional(readOnly = true)
    public List<FollowUp> of(UUID claim) {
        return database.sql(
                        "select f.*, c.programme from follow_up f join claim c on c.id = f.claim_id where claim_id = ? order by due_on, f.id")
                .param(claim)
                .query(FollowUps::read)
                .list();
    }

    /** Plans what a full decision says; of what is closed nothing follows any more. */
    @EventListener
    void decided(Decided event) {
        switch (event.kind()) {
            case CLOSED ->
                database.sql(
                                "update follow_up set state = 'STOPPED', changed_at = ? where claim_id = ? and state in ('PLANNED', 'DUE')")
                        .params(Timestamp.from(clock.instant()), event.claim())
                        .update();
            case DETERMINED ->
                plan(
                        event.claim(),
                        event.run(),
                        Catalogue.named(event.determination().programme())
                                .consequences(event.determination(), clock.today()));
            case URGENT -> {}
        }
    }

    /** Plans each of them that is not planned already; money is planned by {@link Payments}, fees and documents elsewhere. */
    public void plan(UUID claim, UUID run, List<Consequence> following) {
        for (Consequence each : following) {
            switch (each) {
                case Consequence.Pay pay -> {}
                case Consequence.Charge charge -> {}
                case Consequence.Issue issue -> plan(claim, run, Kind.ISSUE, issue.document(), issue.on());
                case Consequence.Meet meet -> plan(claim, run, Kind.MEET, meet.whom(), meet.on());
                case Consequence.Enter enter -> plan(claim, run, Kind.ENTER, enter.register(), enter.on());
                case Consequence.HandOver handOver -> {}
                case Consequence.CheckAgain check -> plan(claim, run, Kind.CHECK_AGAIN, "", check.on());
            }
        }
    }

    private void plan(UUID claim, UUID run, Kind kind, String name, LocalDate on) {
        UUID id = UUID.randomUUID();
        int planned = database.sql("""
                        insert into follow_up (id, claim_id, run_id, kind, name, due_on, state, changed_at)
                        values (?, ?, ?, ?, ?, ?, 'PLANNED', ?) on conflict (claim_id, kind, name) do nothing""")
                .params(id, claim, run, kind.name(), name, on, Timestamp.from(clock.instant()))
                .update();
        if (planned > 0) {
            jobs.comeDue(id, on);
        }
    }

    /** Its day has come. */
    void due(UUID id) {
        find(id).ifPresent(followUp -> {
            claims.hold(followUp.claim());
            int due = database.sql(
                            "update follow_up set state = 'DUE', changed_at = ? where id = ? and state = 'PLANNED'")
                    .params(Timestamp.from(clock.instant()), id)
                    .update();
            if (due > 0) {
                claims.touch(followUp.claim());
            }
        });
    }

    /**
     * A caseworker did it, also before its day. Said again, nothing changes.
     *
     * @param note what they say of it
     */
    public void done(ClaimView claim, UUID id, String note, SignedIn caseworker) {
        FollowUp followUp = find(id).filter(each -> each.claim().equals(claim.id()))
                .orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-follow-up")));
        if (note.isBlank() || note.length() > LONGEST_NOTE) {
            throw Problem.invalid("reason", Phrase.of("problem.reason"));
        }
        int done = database.sql(
                        "update follow_up set state = 'DONE', note = ?, done_by = ?, changed_at = ? where id = ? and state in ('PLANNED', 'DUE')")
                .params(note.strip(), caseworker.displayName(), Timestamp.from(clock.instant()), id)
                .update();
        if (done > 0) {
            claims.note(
                    claim.id(),
                    Actor.of(caseworker),
                    "followed-up",
                    Phrase.of("history.followed-up", followUp.what(), note.strip()));
            claims.touch(claim.id());
        }
    }

    private Optional<FollowUp> find(UUID id) {
        return database.sql("select f.*, c.programme from follow_up f join claim c on c.id = f.claim_id where f.id = ?")
                .param(id)
                .query(FollowUps::read)
                .optional();
    }

    private static FollowUp read(ResultSet row, int number) throws SQLException {
        String name = row.getString("name");
        return new FollowUp(
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                name.isEmpty()
                        ? Phrase.of("follow." + row.getString("kind"))
                        : Phrase.of(
                                "follow." + row.getString("kind"),
                                Phrase.word(row.getString("programme"), "word." + name)),
                row.getObject("due_on", LocalDate.class),
                FollowUp.State.valueOf(row.getString("state")),
                Optional.ofNullable(row.getString("done_by")),
                row.getString("note"));
    }
}
