package org.civitane.server.misuse;

import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.doubts.Doubted;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Digest;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What may speak against a claim. None of it proves anything: neighbours share a house, families a telephone; so each
 * says how often it was wrong, and what was dismissed once with a reason speaks against nobody who shares it later.
 */
@Service
@Transactional
class Signals {
    /** So many claims from one device within an hour are more than a family's. */
    private static final int MANY = 5;

    private final JdbcClient database;
    private final Shared shared;
    private final Claims claims;
    private final AgencyClock clock;
    private final Texts texts;

    Signals(JdbcClient database, Shared shared, Claims claims, AgencyClock clock, Texts texts) {
        this.database = database;
        this.shared = shared;
        this.claims = claims;
        this.clock = clock;
        this.texts = texts;
    }

    /** @throws Problem when there is no such claim */
    @Transactional(readOnly = true)
    public SignalView of(UUID id) {
        ClaimView claim = claims.claim(id);
        List<Shared.Thing> things = shared.of(id);
        List<SignalView.Signal> signals = new ArrayList<>();
        List<SignalView.NetLink> links = new ArrayList<>();
        Set<UUID> others = new LinkedHashSet<>();
        for (Shared.Thing thing : things) {
            signals.add(signal(
                    SignalView.SignalKind.of(thing.kind()),
                    thing.id(),
                    thing.claims().size()));
            links.add(new SignalView.NetLink(id, thing.id()));
            thing.claims().forEach(other -> links.add(new SignalView.NetLink(other, thing.id())));
            others.addAll(thing.claims());
        }
        withinAnHour(id)
                .ifPresent(count -> signals.add(signal(SignalView.SignalKind.HOUR, Digest.of("HOUR " + id), count)));
        deceased(id)
                .ifPresent(day -> signals.add(signal(
                        SignalView.SignalKind.DECEASED,
                        Digest.of("DECEASED " + id),
                        DayText.date(LocalDate.parse(day)))));
        List<SignalView.NetClaim> net = new ArrayList<>(List.of(inNet(claim)));
        others.forEach(other -> net.add(inNet(claims.claim(other))));
        return new SignalView(id, claim.number(), signals, net, links);
    }

    /** What speaks against a claim speaks against nobody any more, also not against the next. */
    public void dismiss(UUID id, String signal, String reason, SignedIn who) {
        SignalView.Signal found = of(id).signals().stream()
                .filter(each -> each.id().equals(signal))
                .findFirst()
                .orElseThrow(() -> Problem.notFound(Phrase.of("misuse.no-signal")));
        if (reason.isBlank()) {
            throw Problem.invalid("reason", Phrase.of("problem.reason"));
        }
        database.sql("""
                        insert into signal_dismissed (thing, kind, reason, by_whom, at) values (?, ?, ?, ?, ?)
                        on conflict (thing) do nothing""")
                .params(signal, found.kind().name(), reason.strip(), who.displayName(), Timestamp.from(clock.instant()))
                .update();
        claims.note(
                id,
                Actor.of(who),
                "signal-dismissed",
                Phrase.of("history.signal-dismissed", Phrase.of("misuse.signal." + found.kind()), reason.strip()));
        claims.touch(id);
    }

    /** What spoke against a claim when its person was asked. */
    @EventListener
    void doubted(Doubted event) {
        of(event.claim()).signals().stream()
                .filter(signal -> signal.dismissed().isEmpty())
                .map(SignalView.Signal::kind)
                .distinct()
                .forEach(kind -> database.sql(
                                "insert into doubt_signal (claim_id, kind) values (?, ?) on conflict do nothing")
                        .params(event.claim(), kind.name())
                        .update());
    }

    private SignalView.Signal signal(SignalView.SignalKind kind, String id, Object facts) {
        return new SignalView.Signal(
                kind,
                id,
                texts.say("misuse.signal." + kind),
                texts.say("misuse.facts." + kind, facts),
                texts.say("misuse.weight." + kind),
                record(kind),
                dismissed(id));
    }

    private String record(SignalView.SignalKind kind) {
        return database.sql("""
                        select count(*) filter (where d.state in ('FILED', 'SHOWN', 'NOT_ME')),
                          count(*) filter (where d.state in ('FILED', 'SHOWN'))
                        from doubt_signal s join doubt d on d.claim_id = s.claim_id where s.kind = ?""")
                .param(kind.name())
                .query((row, number) -> row.getInt(1) == 0
                        ? texts.say("misuse.record.none")
                        : texts.say("misuse.record", row.getInt(1), row.getInt(2)))
                .single();
    }

    private String dismissed(String thing) {
        return database.sql("select reason, by_whom from signal_dismissed where thing = ?")
                .param(thing)
                .query((row, number) -> texts.say("misuse.dismissed", row.getString(1), row.getString(2)))
                .optional()
                .orElse("");
    }

    private Optional<Integer> withinAnHour(UUID claim) {
        return database.sql("""
                        select count(*) from claim_origin mine join claim_origin other on other.device = mine.device
                        join claim own on own.id = mine.claim_id join claim c on c.id = other.claim_id
                        where mine.claim_id = ? and c.received_at between own.received_at - interval '1 hour'
                          and own.received_at + interval '1 hour'""").param(claim).query(Integer.class).optional().filter(count -> count >= MANY);
    }

    private Optional<String> deceased(UUID claim) {
        return database.sql("""
                        select answer->>'deceasedOn' from register_request
                        where claim_id = ? and register = 'civil' and answer->>'deceasedOn' is not null
                        order by asked_at desc limit 1""").param(claim).query(String.class).optional();
    }

    private static SignalView.NetClaim inNet(ClaimView claim) {
        return new SignalView.NetClaim(
                claim.id(),
                claim.number(),
                Claims.programmeOf(claim).wording(Locale.ENGLISH).text("name"),
                claim.householdName(),
                claim.state().name());
    }
}
