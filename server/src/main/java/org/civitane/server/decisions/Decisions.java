package org.civitane.server.decisions;

import java.sql.Timestamp;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimActs;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.History;
import org.civitane.server.contact.Notices;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.PhraseColumn;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Decides claims: keeps what the decision rests on and its letter, in one transaction with the claim's new state. */
@Service
@Transactional
public class Decisions {
    private static final int LONGEST_REASON = 2000;

    private final JdbcClient database;
    private final Claims claims;
    private final ClaimActs acts;
    private final Dossiers dossiers;
    private final Determinations determinations;
    private final LetterBox letters;
    private final StillOpen stillOpen;
    private final Notices notices;
    private final History history;
    private final Texts texts;
    private final AgencyClock clock;
    private final ApplicationEventPublisher events;

    Decisions(
            JdbcClient database,
            Claims claims,
            ClaimActs acts,
            Dossiers dossiers,
            Determinations determinations,
            LetterBox letters,
            StillOpen stillOpen,
            Notices notices,
            History history,
            Texts texts,
            AgencyClock clock,
            ApplicationEventPublisher events) {
        this.database = database;
        this.claims = claims;
        this.acts = acts;
        this.dossiers = dossiers;
        this.determinations = determinations;
        this.letters = letters;
        this.stillOpen = stillOpen;
        this.notices = notices;
        this.history = history;
        this.texts = texts;
        this.clock = clock;
        this.events = events;
    }

    /** The decision on a claim, once there is one. */
    @Transactional(readOnly = true)
    public Optional<Decision> of(UUID claim) {
        return database.sql(
                        "select claim_id, run_id, kind, reason::text, decided_by::text, decided_at, letter from decision where claim_id = ?")
                .param(claim)
                .query((row, i) -> new Decision(
                        row.getObject(1, UUID.class),
                        row.getObject(2, UUID.class),
                        Decision.Kind.valueOf(row.getString(3)),
                        PhraseColumn.read(row.getString(4)),
                        PhraseColumn.read(row.getString(5)),
                        row.getTimestamp(6).toInstant(),
                        row.getString(7)))
                .optional();
    }

    /** The letter as it would go out if the claim were decided now, as PDF. */
    @Transactional(readOnly = true)
    public byte[] preview(ClaimView claim, String reason, SignedIn caseworker) {
        return letters.preview(
                claim,
                dossiers.of(claim).run(),
                Decision.Kind.DETERMINED,
                Phrase.text(reason),
                Phrase.text(caseworker.displayName()));
    }

    /**
     * Decides the claim as it stands.
     *
     * @param claim as it is held by {@link org.civitane.server.casework.ClaimActs}, so that nothing it rests on changes
     *     between determining and deciding
     * @param reason needed when anyone gets less than they asked for
     * @param despite why it is decided although something is still in the way; needed when something is
     */
    public Decision decide(ClaimView claim, String reason, String despite, SignedIn caseworker) {
        acts.check(claim, Act.DECIDE);
        Dossier dossier = dossiers.of(claim);
        Run run = dossier.run();
        if (dossier.isRegisterAwaited()) {
            throw Problem.conflict("register-silent", texts.say("problem.register-silent"));
        }
        if (!run.determination().status().isFinal()) {
            throw Problem.conflict("incomplete", texts.say("problem.incomplete"));
        }
        if (reason.length() > LONGEST_REASON) {
            throw Problem.invalid("reason", texts.say("problem.reason"));
        }
        boolean negative = run.determination().outcomes().stream()
                .anyMatch(outcome -> run.findingOf(outcome).needsReason());
        if (negative && reason.isBlank()) {
            throw Problem.invalid("reason", texts.say("problem.negative-needs-reason"));
        }
        List<Phrase> open = stillOpen.of(dossier);
        if (!open.isEmpty() && (despite.isBlank() || despite.length() > LONGEST_REASON)) {
            throw Problem.invalid("despite", texts.say("problem.still-open", Phrase.several(open, "; ")));
        }
        if (!open.isEmpty()) {
            history.add(
                    claim.id(),
                    Actor.of(caseworker),
                    "decided-despite",
                    Phrase.of("history.decided-despite", Phrase.several(open, "; "), despite.strip()));
        }
        return keep(dossier, Decision.Kind.DETERMINED, Phrase.text(reason.strip()), Actor.of(caseworker));
    }

    /** A fix list went unanswered: what it announced happens. */
    @EventListener
    void lapsed(AskLapsed event) {
        Ask ask = event.ask();
        if (ask.kind() != Ask.Kind.FIX_LIST) {
            return;
        }
        Dossier dossier = dossiers.of(ask.claim());
        boolean decides = ask.then() == Ask.Then.DECIDE;
        if (decides && dossier.isRegisterAwaited()) {
            history.add(ask.claim(), Actor.CALENDAR, "not-decided", Phrase.of("history.not-decided-on-silence"));
            return;
        }
        Decision.Kind kind = decides ? Decision.Kind.DETERMINED : Decision.Kind.CLOSED;
        keep(dossier, kind, Phrase.of("decision.lapsed." + ask.then()), Actor.CALENDAR);
    }

    /** Closes a claim as incomplete, since what was still to be shown did not come. */
    void close(ClaimView claim, Phrase reason) {
        keep(dossiers.of(claim), Decision.Kind.CLOSED, reason, Actor.CALENDAR);
    }

    /** The letter of a decided claim, else the one that told of an urgent award, as PDF. */
    @Transactional(readOnly = true)
    public byte[] letter(UUID claim) {
        return letters.open(database.sql("""
                        select letter from decision where claim_id = :claim
                        union all select letter from urgent_award where claim_id = :claim limit 1""")
                .param("claim", claim)
                .query(String.class)
                .optional()
                .orElseThrow(() -> Problem.notFound(texts.say("problem.no-letter"))));
    }

    /** To whom else the decision was told. */
    @Transactional(readOnly = true)
    public List<LetterBox.ToOther> lettersToOthers(UUID claim) {
        return letters.toOthers(claim);
    }

    /** The letter to one of them, as PDF. */
    @Transactional(readOnly = true)
    public byte[] letterTo(UUID claim, String whom) {
        return letters.toOther(claim, whom).orElseThrow(() -> Problem.notFound(texts.say("problem.no-letter")));
    }

    private Decision keep(Dossier dossier, Decision.Kind kind, Phrase reason, Actor actor) {
        ClaimView claim = dossier.claim();
        UUID run = determinations.keep(claim, dossier.settled().json(), dossier.run());
        String letter = letters.post(claim, dossier.run(), kind, reason, actor.name());
        if (kind == Decision.Kind.DETERMINED) {
            letters.postToOthers(dossier);
        }
        Decision decision = new Decision(claim.id(), run, kind, reason, actor.name(), clock.instant(), letter);
        database.sql(
                        "insert into decision (claim_id, run_id, kind, reason, decided_by, decided_at, letter) values (?, ?, ?, ?::jsonb, ?::jsonb, ?, ?)")
                .params(
                        decision.claim(),
                        decision.run(),
                        kind.name(),
                        PhraseColumn.write(reason),
                        PhraseColumn.write(actor.name()),
                        Timestamp.from(decision.at()),
                        letter)
                .update();
        history.add(claim.id(), actor, "decided", Phrase.of("history.decided." + kind));
        claims.decide(claim.id(), kind == Decision.Kind.CLOSED);
        events.publishEvent(new Decided(claim.id(), run, kind, dossier.run().determination()));
        notices.tell(claim.id());
        return decision;
    }
}
