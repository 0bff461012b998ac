package org.civitane.server.registers;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.nio.charset.StandardCharsets;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Relationship;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimReceived;
import org.civitane.server.claims.ClaimTouched;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Contacts;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/**
 * Questions to registers. Asking only writes the question down and schedules it, in one transaction; a job asks, and
 * the answer is written down once, however often the job runs. No claim is decided on silence: each question has to be
 * answered, or a caseworker says why it is done without.
 */
@Service
@Transactional
public class Registers {
    /** Business days after which a caseworker looks at a register that is still silent. */
    private static final int SILENT_DAYS = 3;

    private final JdbcClient database;
    private final Claims claims;
    private final Contacts contacts;
    private final Asks asks;
    private final SchedulerClient jobs;
    private final AgencyClock clock;
    private final ApplicationEventPublisher events;

    Registers(
            JdbcClient database,
            Claims claims,
            Contacts contacts,
            Asks asks,
            SchedulerClient jobs,
            AgencyClock clock,
            ApplicationEventPublisher events) {
        this.database = database;
        this.claims = claims;
        this.contacts = contacts;
        this.asks = asks;
        this.jobs = jobs;
        this.clock = clock;
        this.events = events;
    }

    /** The newest question of each kind: one for each register and member, in the order of registers. */
    @Transactional(readOnly = true)
    public List<RegisterRequest> newestOf(UUID claim) {
        return database.sql("""
                        select distinct on (register, subject) * from register_request where claim_id = ?
                        order by register, subject, asked_at desc, id""").param(claim).query(Registers::read).list();
    }

    /** Asks again now, whatever the last answer was. While a question is on its way, it is the same question. */
    public void askAgain(UUID claim, UUID request, Actor actor) {
        RegisterRequest last = request(request)
                .filter(each -> each.claim().equals(claim))
                .orElseThrow(() -> Problem.notFound(Phrase.of("register.none")));
        if (last.state() == RegisterRequest.State.ASKED) {
            return;
        }
        if (last.isAwaited()) {
            database.sql("update register_request set state = 'ASKED' where id = ?")
                    .param(last.id())
                    .update();
            jobs.reschedule(RegisterJob.TASK.instance(last.id().toString()).scheduledTo(clock.now()));
        } else {
            ask(claim, new Questions.Asked(last.register(), last.subject(), last.question()));
        }
        claims.note(
                claim,
                actor,
                "register-asked",
                Phrase.of("history.register-asked", Phrase.of("register.in." + last.register())));
        claims.touch(claim);
    }

    /** A caseworker goes on without an answer. @throws Problem without a reason, or when the answer has come */
    public void without(UUID claim, UUID request, String reason, SignedIn who) {
        if (reason.isBlank()) {
            throw Problem.invalid("reason", Phrase.of("problem.reason"));
        }
        int changed = database.sql("""
                        update register_request set state = 'WITHOUT', because = ?
                        where id = ? and claim_id = ? and state in ('ASKED', 'SILENT')""").params(reason.strip(), request, claim).update();
        if (changed == 0) {
            throw Problem.conflict("answered", Phrase.of("register.has-answered"));
        }
        noLongerAwaited(claim, request);
        claims.note(claim, Actor.of(who), "register-without", Phrase.of("history.register-without", reason.strip()));
        claims.comeBackFromRegister(claim);
    }

    /** Asks whatever an application, or what changed in it, has to be asked and was not yet. */
    @EventListener
    void received(ClaimReceived event) {
        ClaimView claim = claims.claim(event.claim());
        String json = claims.newestEdition(claim);
        CaseFile file = CaseFiles.read(json.getBytes(StandardCharsets.UTF_8)).file();
        String self = file.members().stream()
                .filter(member -> member.relationship() == Relationship.SELF)
                .map(member -> member.id())
                .findFirst()
                .orElse("");
        List<RegisterRequest> asked = newestOf(claim.id());
        for (Questions.Asked question :
                Questions.of(Claims.programmeOf(claim), file, JsonColumn.read(json), contacts.of(claim.id(), self))) {
            boolean before = asked.stream()
                    .anyMatch(request -> request.register() == question.register()
                            && request.subject().equals(question.subject())
                            && request.question().equals(question.question()));
            if (!before) {
                ask(claim.id(), question);
            }
        }
    }

    /** One question. */
    @Transactional(readOnly = true)
    public Optional<RegisterRequest> request(UUID id) {
        return database.sql("select * from register_request where id = ?")
                .param(id)
                .query(Registers::read)
                .optional();
    }

    /** Writes an answer down, unless one is there already; tells everyone else in the same transaction. */
    public void answered(UUID id, JsonNode answer) {
        RegisterRequest request = request(id).orElseThrow();
        claims.hold(request.claim());
        int changed = database.sql("""
                        update register_request set state = 'ANSWERED', answer = ?::jsonb, answered_at = ?, tried_at = ?, attempts = attempts + 1
                        where id = ? and state in ('ASKED', 'SILENT')""")
                .params(JsonColumn.write(answer), now(), now(), id)
                .update();
        if (changed == 1) {
            events.publishEvent(new RegisterAnswered(
                    request.claim(), request.register(), request.subject(), request.question(), answer));
            if (request.state() == RegisterRequest.State.SILENT) {
                noLongerAwaited(request.claim(), id);
            }
            claims.comeBackFromRegister(request.claim());
        }
    }

    /** Takes down that there is no answer. @param asked how many times it was asked in vain; none while it is left alone */
    void silent(RegisterRequest request, int asked) {
        claims.hold(request.claim());
        boolean first = request.state() == RegisterRequest.State.ASKED;
        database.sql("""
                        update register_request set state = 'SILENT', tried_at = ?, attempts = attempts + ?
                        where id = ? and state in ('ASKED', 'SILENT')""").params(now(), asked, request.id()).update();
        if (first) {
            claims.note(
                    request.claim(),
                    Actor.part("register." + request.register()),
                    "register-silent",
                    Phrase.of("history.register-silent"));
            awaited(request);
            events.publishEvent(new ClaimTouched(request.claim()));
        }
    }

    /** From its first silence on its answer is owed; after some days a caseworker looks whether to go on without. */
    private void awaited(RegisterRequest request) {
        if (asks.openOf(request.claim(), request.id().toString()).isEmpty()) {
            asks.ask(
                    claims.claim(request.claim()),
                    new Ask.Wanted(
                            Ask.Kind.REGISTER,
                            request.id().toString(),
                            Phrase.of("wait.register", Phrase.of("register.in." + request.register())),
                            BusinessCalendar.plusBusinessDays(clock.today(), SILENT_DAYS),
                            Ask.Then.LOOK,
                            List.of()),
                    "");
        }
    }

    /** Days of silence: the caseworker looks whether to go on without. */
    @EventListener
    void lapsed(AskLapsed event) {
        if (event.ask().kind() == Ask.Kind.REGISTER) {
            claims.comeBackFromRegister(event.ask().claim());
        }
    }

    private void noLongerAwaited(UUID claim, UUID request) {
        asks.openOf(claim, request.toString()).ifPresent(asks::answered);
    }

    private void ask(UUID claim, Questions.Asked question) {
        UUID id = UUID.randomUUID();
        int added = database.sql("""
                        insert into register_request (id, claim_id, register, subject, question, state, attempts, asked_at)
                        values (?, ?, ?, ?, ?, 'ASKED', 0, ?) on conflict do nothing""")
                .params(id, claim, question.register().id(), question.subject(), question.question(), now())
                .update();
        if (added == 1) {
            jobs.scheduleIfNotExists(RegisterJob.TASK.instance(id.toString()).scheduledTo(clock.now()));
        }
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }

    private static RegisterRequest read(ResultSet row, int i) throws SQLException {
        return new RegisterRequest(
                row.getObject("id", UUID.class),
                row.getObject("claim_id", UUID.class),
                Register.named(row.getString("register")),
                row.getString("subject"),
                row.getString("question"),
                RegisterRequest.State.valueOf(row.getString("state")),
                row.getInt("attempts"),
                row.getTimestamp("asked_at").toInstant(),
                Optional.ofNullable(row.getTimestamp("tried_at")).map(Timestamp::toInstant),
                Optional.ofNullable(row.getString("answer")).map(JsonColumn::read),
                row.getString("because"));
    }
}
