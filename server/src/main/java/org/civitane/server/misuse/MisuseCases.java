package org.civitane.server.misuse;

import java.sql.ResultSet;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimReceived;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Messages;
import org.civitane.server.contact.Notices;
import org.civitane.server.doubts.Disowned;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Opens a case when someone says that a claim was not theirs. Every claim of the same account under that identity is
 * frozen, decided or not, and each that is handed in under it while the case is open; whether a claim from another account is frozen
 * too is a supervisor's to say, since whoever disowned the first may be the impostor, and its applicant is told what to
 * do. Claims that share an account, a device, an address or a phone are shown beside the case.
 */
@Service
@Transactional
public class MisuseCases {
    private static final String SELECT =
            "select m.*, a.display_name as owner from misuse_case m left join account a on a.id = m.owner_id ";
    private static final int DAYS_TO_LOOK = 10;
    private static final int LONGEST_DAYS = 90;

    private final JdbcClient database;
    private final Shared shared;
    private final Claims claims;
    private final Messages messages;
    private final Notices notices;
    private final AgencyClock clock;
    private final Texts texts;

    MisuseCases(
            JdbcClient database,
            Shared shared,
            Claims claims,
            Messages messages,
            Notices notices,
            AgencyClock clock,
            Texts texts) {
        this.database = database;
        this.shared = shared;
        this.claims = claims;
        this.messages = messages;
        this.notices = notices;
        this.clock = clock;
        this.texts = texts;
    }

    /** All cases: open ones first, as they are due, then the newest. */
    @Transactional(readOnly = true)
    public List<MisuseCase> all() {
        return database.sql(
                        SELECT
                                + "order by (m.state <> 'OPEN'), case when m.state = 'OPEN' then m.due_on end, m.opened_at desc, m.id limit 100")
                .query((ResultSet row, int number) -> read(row))
                .list();
    }

    /** @throws Problem when there is no such case */
    @Transactional(readOnly = true)
    public MisuseCase find(UUID id) {
        return database.sql(SELECT + "where m.id = ?")
                .param(id)
                .query((ResultSet row, int number) -> read(row))
                .optional()
                .orElseThrow(() -> Problem.notFound(Phrase.of("misuse.none")));
    }

    /**
     * A supervisor looks into an open case from now on, also in place of another.
     *
     * @param by the day by which it is to be closed: from today on, and within ninety days
     */
    public void take(UUID id, LocalDate by, SignedIn supervisor) {
        open(id);
        LocalDate today = clock.today();
        if (by.isBefore(today) || by.isAfter(today.plusDays(LONGEST_DAYS))) {
            throw Problem.invalid(
                    "by", Phrase.of("misuse.by-when", Phrase.date(today), Phrase.date(today.plusDays(LONGEST_DAYS))));
        }
        database.sql("update misuse_case set owner_id = ?, due_on = ? where id = ?")
                .params(supervisor.account(), by, id)
                .update();
    }

    /** Freezes one more claim that hangs together with an open case. */
    public void freeze(UUID id, UUID claim, SignedIn supervisor) {
        boolean linked =
                open(id).linked().stream().anyMatch(each -> each.claim().equals(claim));
        if (!linked || !canBeHeld(claims.claim(claim))) {
            throw Problem.conflict("not-linked", Phrase.of("misuse.not-linked"));
        }
        hold(id, claim, Actor.of(supervisor));
    }

    /**
     * Closes a case: nothing in it, and every claim that it holds, and no other case does, goes on; or referred, and
     * they stay frozen.
     */
    public void close(UUID id, boolean referred, String words, SignedIn supervisor) {
        MisuseCase misuse = open(id);
        if (words.isBlank()) {
            throw Problem.invalid("words", Phrase.of("problem.reason"));
        }
        database.sql("update misuse_case set state = ?, words = ?, closed_by = ?, closed_at = ? where id = ?")
                .params(
                        referred ? "REFERRED" : "RELEASED",
                        words.strip(),
                        supervisor.displayName(),
                        Timestamp.from(clock.instant()),
                        id)
                .update();
        if (!referred) {
            List<UUID> held = database.sql("delete from misuse_hold where case_id = ? returning claim_id")
                    .param(id)
                    .query(UUID.class)
                    .list();
            held.stream()
                    .filter(claim -> claims.claim(claim).held() && !isHeld(claim))
                    .forEach(claim -> {
                        claims.release(claim, Actor.of(supervisor));
                        notices.tell(claim);
                    });
        }
    }

    private boolean isHeld(UUID claim) {
        return database.sql("select exists (select 1 from misuse_hold where claim_id = ?)")
                .param(claim)
                .query(Boolean.class)
                .single();
    }

    private void hold(UUID id, UUID claim, Actor actor) {
        if (!claims.claim(claim).held()) {
            claims.freeze(claim, actor);
            notices.tell(claim);
        }
        database.sql("insert into misuse_hold (case_id, claim_id) values (?, ?) on conflict do nothing")
                .params(id, claim)
                .update();
    }

    @EventListener
    void disowned(Disowned event) {
        Actor actor = Actor.part("misuse.actor");
        UUID id = database.sql("""
                        insert into misuse_case (id, claim_id, state, opened_at, due_on) values (?, ?, 'OPEN', ?, ?)
                        on conflict (claim_id) do update set state = 'OPEN', due_on = excluded.due_on, owner_id = null, words = '', closed_by = '', closed_at = null
                        returning id""")
                .params(
                        UUID.randomUUID(),
                        event.claim(),
                        Timestamp.from(clock.instant()),
                        BusinessCalendar.plusBusinessDays(clock.today(), DAYS_TO_LOOK))
                .query(UUID.class)
                .single();
        ClaimView disowned = claims.claim(event.claim());
        hold(id, disowned.id(), actor);
        for (SamePerson.Same same : shared.sameApplicant(disowned.id())) {
            ClaimView other = claims.claim(same.claim());
            if (canBeHeld(other) && other.applicant().equals(disowned.applicant())) {
                hold(id, other.id(), actor);
            } else if (other.state().isOpen() && same.sure()) {
                messages.tell(other, texts.say("misuse.told"));
            }
        }
    }

    /** A claim handed in under an identity that is looked into waits with the others; one of a name merely alike does not. */
    @EventListener
    void received(ClaimReceived event) {
        ClaimView claim = claims.claim(event.claim());
        if (claim.edition() == 1) {
            List<UUID> others = shared.sameApplicant(claim.id()).stream()
                    .filter(SamePerson.Same::sure)
                    .map(SamePerson.Same::claim)
                    .toList();
            if (!others.isEmpty()) {
                database.sql("select id from misuse_case where state = 'OPEN' and claim_id in (:these)")
                        .param("these", others)
                        .query(UUID.class)
                        .list()
                        .forEach(id -> hold(id, claim.id(), Actor.part("misuse.actor")));
            }
        }
    }

    private static boolean canBeHeld(ClaimView claim) {
        return claim.state().isOpen() || claim.state() == ClaimState.DECIDED;
    }

    private MisuseCase open(UUID id) {
        MisuseCase misuse = find(id);
        if (misuse.state() != MisuseCase.State.OPEN) {
            throw Problem.conflict("closed", Phrase.of("misuse.closed"));
        }
        return misuse;
    }

    private MisuseCase read(ResultSet row) throws java.sql.SQLException {
        ClaimView claim = claims.claim(row.getObject("claim_id", UUID.class));
        MisuseCase.State state = MisuseCase.State.valueOf(row.getString("state"));
        LocalDate dueOn = row.getObject("due_on", LocalDate.class);
        return new MisuseCase(
                row.getObject("id", UUID.class),
                claim.id(),
                claim.number(),
                claim.householdName(),
                state,
                row.getTimestamp("opened_at").toInstant(),
                Optional.ofNullable(row.getString("owner")),
                dueOn,
                state == MisuseCase.State.OPEN && dueOn.isBefore(clock.today()),
                row.getString("words"),
                paid(row.getObject("id", UUID.class)),
                linked(
                        claim.id(),
                        LocalDateTime.ofInstant(row.getTimestamp("opened_at").toInstant(), clock.getZone())
                                .truncatedTo(ChronoUnit.SECONDS)));
    }

    /** What was paid from the claims that a case holds, and is not back. */
    private String paid(UUID id) {
        return database.sql("""
                        select coalesce(sum(coalesce(p.booked_cents, p.cents)), 0) from payment p
                        where p.state = 'BOOKED' and p.claim_id in (select claim_id from misuse_hold where case_id = ?)""")
                .param(id)
                .query((row, number) -> Money.ofCents(row.getLong(1)).toString())
                .single();
    }

    private List<MisuseCase.Linked> linked(UUID claim, LocalDateTime openedAt) {
        Map<UUID, List<String>> by = new LinkedHashMap<>();
        shared.of(claim)
                .forEach(thing -> thing.claims().forEach(id -> {
                    List<String> words = by.computeIfAbsent(id, key -> new ArrayList<>());
                    String word = texts.say("misuse.by." + thing.kind());
                    if (!words.contains(word)) {
                        words.add(word);
                    }
                }));
        return by.entrySet().stream()
                .map(entry -> {
                    ClaimView other = claims.claim(entry.getKey());
                    return new MisuseCase.Linked(
                            other.id(),
                            other.number(),
                            other.programme(),
                            other.householdName(),
                            other.held()
                                    ? ClaimState.FROZEN.name()
                                    : other.state().name(),
                            !other.receivedAt().isBefore(openedAt),
                            entry.getValue());
                })
                .sorted(Comparator.comparing(each -> !each.since()))
                .toList();
    }
}
