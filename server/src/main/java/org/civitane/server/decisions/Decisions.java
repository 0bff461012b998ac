package org.civitane.server.decisions;

import java.sql.Timestamp;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.core.programme.Status;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimActs;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.History;
import org.civitane.server.contact.Notices;
import org.civitane.server.corrections.FixList;
import org.civitane.server.corrections.FixListLapsed;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.papers.KeptFiles;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.civitane.server.registers.Registers;
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
    private final Determinations determinations;
    private final Letters letters;
    private final PaperStore papers;
    private final KeptFiles files;
    private final Registers registers;
    private final StillOpen stillOpen;
    private final Notices notices;
    private final History history;
    private final Texts texts;
    private final AgencyClock clock;

    Decisions(
            JdbcClient database,
            Claims claims,
            ClaimActs acts,
            Determinations determinations,
            Letters letters,
            PaperStore papers,
            KeptFiles files,
            Registers registers,
            StillOpen stillOpen,
            Notices notices,
            History history,
            Texts texts,
            AgencyClock clock) {
        this.database = database;
        this.claims = claims;
        this.acts = acts;
        this.determinations = determinations;
        this.letters = letters;
        this.papers = papers;
        this.files = files;
        this.registers = registers;
        this.stillOpen = stillOpen;
        this.notices = notices;
        this.history = history;
        this.texts = texts;
        this.clock = clock;
    }

    /** The decision on a claim, once there is one. */
    @Transactional(readOnly = true)
    public Optional<Decision> of(UUID claim) {
        return database.sql(
                        "select claim_id, run_id, kind, reason, decided_by, decided_at, letter from decision where claim_id = ?")
                .param(claim)
                .query((row, i) -> new Decision(
                        row.getObject(1, UUID.class),
                        row.getObject(2, UUID.class),
                        Decision.Kind.valueOf(row.getString(3)),
                        row.getString(4),
                        row.getString(5),
                        row.getTimestamp(6).toInstant(),
                        row.getString(7)))
                .optional();
    }

    /** The letter as it would go out if the claim were decided now, as PDF. */
    @Transactional(readOnly = true)
    public byte[] preview(ClaimView claim, String reason, SignedIn caseworker) {
        return letters.pdf(
                claim, determinations.current(claim), Decision.Kind.DETERMINED, reason, caseworker.displayName());
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
        Determinations.Run run = determinations.current(claim);
        if (registers.isAnyAwaited(claim.id())) {
            throw Problem.conflict("register-silent", texts.say("problem.register-silent"));
        }
        if (run.determination().status() != Status.DETERMINED) {
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
        List<String> open = stillOpen.of(claim);
        if (!open.isEmpty() && (despite.isBlank() || despite.length() > LONGEST_REASON)) {
            throw Problem.invalid("despite", texts.say("problem.still-open", String.join("; ", open)));
        }
        if (!open.isEmpty()) {
            history.add(
                    claim.id(),
                    Actor.of(caseworker),
                    "decided-despite",
                    texts.say("history.decided-despite", String.join("; ", open), despite.strip()));
        }
        return keep(claim, Decision.Kind.DETERMINED, reason.strip(), Actor.of(caseworker));
    }

    /** A fix list went unanswered: what it announced happens. */
    @EventListener
    void lapsed(FixListLapsed event) {
        ClaimView claim = claims.claim(event.claim());
        if (event.then() == FixList.Then.DECIDE && registers.isAnyAwaited(claim.id())) {
            history.add(claim.id(), Actor.CALENDAR, "not-decided", texts.say("history.not-decided-on-silence"));
            return;
        }
        Decision.Kind kind = event.then() == FixList.Then.CLOSE ? Decision.Kind.CLOSED : Decision.Kind.DETERMINED;
        keep(claim, kind, texts.say("decision.lapsed." + event.then()), Actor.CALENDAR);
    }

    /** Closes a claim as incomplete, since what was still to be shown did not come. */
    void close(ClaimView claim, String reason) {
        keep(claim, Decision.Kind.CLOSED, reason, Actor.CALENDAR);
    }

    /** The letter of a decided claim, else the one that told of an urgent award, as PDF. */
    @Transactional(readOnly = true)
    public byte[] letter(UUID claim) {
        return papers.get(database.sql("""
                        select letter from decision where claim_id = :claim
                        union all select letter from urgent_award where claim_id = :claim limit 1""")
                .param("claim", claim)
                .query(String.class)
                .optional()
                .orElseThrow(() -> Problem.notFound(texts.say("problem.no-letter"))));
    }

    private Decision keep(ClaimView claim, Decision.Kind kind, String reason, Actor actor) {
        Determinations.Kept kept = determinations.keep(claim);
        String letter = papers.put(letters.pdf(claim, kept.run(), kind, reason, actor.name()));
        files.hold(letter);
        Decision decision = new Decision(claim.id(), kept.id(), kind, reason, actor.name(), clock.instant(), letter);
        database.sql(
                        "insert into decision (claim_id, run_id, kind, reason, decided_by, decided_at, letter) values (?, ?, ?, ?, ?, ?, ?)")
                .params(
                        decision.claim(),
                        decision.run(),
                        kind.name(),
                        reason,
                        actor.name(),
                        Timestamp.from(decision.at()),
                        letter)
                .update();
        history.add(claim.id(), actor, "decided", texts.say("history.decided." + kind));
        claims.decide(claim.id(), kind == Decision.Kind.CLOSED);
        notices.tell(claim.id());
        return decision;
    }
}
