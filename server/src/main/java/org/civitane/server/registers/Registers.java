package org.civitane.server.registers;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.util.Optional;
import java.util.UUID;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimReceived;
import org.civitane.server.casework.ClaimTouched;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.History;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Texts;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/**
 * Questions to registers. Asking only writes the question down and schedules it, in one transaction; a job asks, and
 * the answer is written down once, however often the job runs.
 */
@Service
public class Registers {
    /** The register's name in requests and texts. */
    public static final String BENEFITS = "benefits";

    private static final String COLUMNS =
            "id, claim_id, register, question, state, attempts, asked_at, tried_at, answer::text";

    private final JdbcClient database;
    private final Claims claims;
    private final History history;
    private final SchedulerClient jobs;
    private final Texts texts;
    private final AgencyClock clock;
    private final ApplicationEventPublisher events;

    Registers(
            JdbcClient database,
            Claims claims,
            History history,
            SchedulerClient jobs,
            Texts texts,
            AgencyClock clock,
            ApplicationEventPublisher events) {
        this.database = database;
        this.claims = claims;
        this.history = history;
        this.jobs = jobs;
        this.texts = texts;
        this.clock = clock;
        this.events = events;
    }

    /** The newest question about a claim to a register. */
    @Transactional(readOnly = true)
    public Optional<RegisterRequest> newest(UUID claim, String register) {
        return database.sql(
                        "select " + COLUMNS
                                + " from register_request where claim_id = ? and register = ? order by asked_at desc, id limit 1")
                .params(claim, register)
                .query(Registers::read)
                .optional();
    }

    /** Asks again now, whatever the last answer was. */
    @Transactional
    public void askAgain(UUID claim, Actor actor) {
        newest(claim, BENEFITS).ifPresent(last -> {
            ask(claim, last.question());
            history.add(claim, actor, "register-asked", texts.say("history.register-asked"));
            events.publishEvent(new ClaimTouched(claim));
        });
    }

    /** Asks the benefit register when an application names a benefit that it has not been asked about. */
    @EventListener
    @Transactional
    void received(ClaimReceived event) {
        ClaimView claim = claims.claim(event.claim());
        String caseNumber = JsonColumn.read(claims.newestEdition(claim))
                .path("linkedBenefit")
                .path("caseNumber")
                .asString("");
        boolean asked = newest(claim.id(), BENEFITS)
                .filter(request -> request.question().equals(caseNumber))
                .isPresent();
        if (!caseNumber.isBlank() && !asked) {
            ask(claim.id(), caseNumber);
        }
    }

    Optional<RegisterRequest> request(UUID id) {
        return database.sql("select " + COLUMNS + " from register_request where id = ?")
                .param(id)
                .query(Registers::read)
                .optional();
    }

    /** Writes an answer down, unless one is there already; tells everyone else in the same transaction. */
    @Transactional
    void answered(RegisterRequest request, JsonNode answer) {
        int changed = database.sql(
                        "update register_request set state = 'ANSWERED', answer = ?::jsonb, answered_at = ?, tried_at = ?, attempts = attempts + 1 where id = ? and state <> 'ANSWERED'")
                .params(JsonColumn.write(answer), now(), now(), request.id())
                .update();
        if (changed == 1) {
            events.publishEvent(new RegisterAnswered(request.claim(), request.register(), request.question(), answer));
            claims.comeBackFromRegister(request.claim());
        }
    }

    /** Takes down that it was asked in vain once more. */
    @Transactional
    void silent(RegisterRequest request) {
        boolean first = request.state() == RegisterRequest.State.ASKED;
        database.sql(
                        "update register_request set state = 'SILENT', tried_at = ?, attempts = attempts + 1 where id = ? and state <> 'ANSWERED'")
                .params(now(), request.id())
                .update();
        if (first) {
            history.add(
                    request.claim(),
                    new Actor(texts.say("register." + request.register())),
                    "register-silent",
                    texts.say("history.register-silent"));
            events.publishEvent(new ClaimTouched(request.claim()));
        }
    }

    private void ask(UUID claim, String question) {
        UUID id = UUID.randomUUID();
        database.sql(
                        "insert into register_request (id, claim_id, register, question, state, attempts, asked_at) values (?, ?, ?, ?, 'ASKED', 0, ?)")
                .params(id, claim, BENEFITS, question, now())
                .update();
        jobs.scheduleIfNotExists(RegisterJob.TASK.instance(id.toString()).scheduledTo(java.time.Instant.now()));
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    private static RegisterRequest read(ResultSet row, int i) throws SQLException {
        return new RegisterRequest(
                row.getObject(1, UUID.class),
                row.getObject(2, UUID.class),
                row.getString(3),
                row.getString(4),
                RegisterRequest.State.valueOf(row.getString(5)),
                row.getInt(6),
                row.getTimestamp(7).toInstant(),
                Optional.ofNullable(row.getTimestamp(8)).map(Timestamp::toInstant),
                Optional.ofNullable(row.getString(9)).map(JsonColumn::read));
    }
}
