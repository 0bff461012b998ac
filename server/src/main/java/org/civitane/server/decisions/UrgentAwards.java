package org.civitane.server.decisions;

import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Status;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.civitane.server.asks.Asks;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.History;
import org.civitane.server.contact.Notices;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.papers.PapersChanged;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.civitane.server.verification.Verification;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Households that cannot wait get food assistance on identity alone; everything else is then due within 30 days
 * (rulebook, food assistance, Urgent). When it comes, the claim comes back to be decided; when it does not, it is closed.
 */
@Service
@Transactional
public class UrgentAwards {
    private static final int PAPERS_DAYS = 30;

    private final JdbcClient database;
    private final Claims claims;
    private final Verification verification;
    private final Dossiers dossiers;
    private final Determinations determinations;
    private final EvidenceList evidence;
    private final Decisions decisions;
    private final LetterBox letters;
    private final Notices notices;
    private final History history;
    private final Asks asks;
    private final AgencyClock clock;
    private final ApplicationEventPublisher events;
    private final Texts texts;

    UrgentAwards(
            JdbcClient database,
            Claims claims,
            Verification verification,
            Dossiers dossiers,
            Determinations determinations,
            EvidenceList evidence,
            Decisions decisions,
            LetterBox letters,
            Notices notices,
            History history,
            Asks asks,
            AgencyClock clock,
            ApplicationEventPublisher events,
            Texts texts) {
        this.database = database;
        this.claims = claims;
        this.verification = verification;
        this.dossiers = dossiers;
        this.determinations = determinations;
        this.evidence = evidence;
        this.decisions = decisions;
        this.letters = letters;
        this.notices = notices;
        this.history = history;
        this.asks = asks;
        this.clock = clock;
        this.events = events;
        this.texts = texts;
    }

    /** What was paid at once. @param papersBy the last day for everything that is still to be shown */
    public record Award(LocalDate papersBy, String by, String letter) {}

    /** The award on a claim, if there is one. */
    @Transactional(readOnly = true)
    public Optional<Award> of(UUID claim) {
        return database.sql(
                        "select a.due_on, u.decided_by, u.letter from urgent_award u join ask a on a.id = u.ask_id where u.claim_id = ?")
                .param(claim)
                .query((row, number) ->
                        new Award(row.getObject(1, LocalDate.class), row.getString(2), row.getString(3)))
                .optional();
    }

    /** @throws Problem when it is not urgent, not approved on what was said, or it is not sure who they are */
    public Award approve(ClaimView claim, SignedIn caseworker) {
        Dossier dossier = dossiers.of(claim);
        boolean confirmed = verification.of(dossier).identity().result() == IdentityCheck.Result.CONFIRMED;
        if (!claim.urgent() || of(claim.id()).isPresent()) {
            throw Problem.conflict("not-urgent", texts.say("urgent.not"));
        }
        if (!confirmed) {
            throw Problem.conflict("identity", texts.say("urgent.identity"));
        }
        Run run = dossier.run();
        boolean approved = run.determination().status() == Status.DETERMINED
                && run.determination().outcomes().stream()
                        .allMatch(outcome -> run.findingOf(outcome) == Finding.GRANTED);
        if (!approved) {
            throw Problem.conflict("not-approved", texts.say("urgent.not-approved"));
        }
        return keep(dossier, caseworker);
    }

    private Award keep(Dossier dossier, SignedIn caseworker) {
        ClaimView claim = dossier.claim();
        UUID run = determinations.keep(claim, dossier.settled().json(), dossier.run());
        LocalDate papersBy = clock.today().plusDays(PAPERS_DAYS);
        String letter = letters.post(
                claim,
                dossier.run(),
                Decision.Kind.URGENT,
                Phrase.of("urgent.letter", Phrase.date(papersBy)),
                Phrase.text(caseworker.displayName()));
        Ask ask = asks.ask(
                claim,
                Ask.Kind.LATER_PAPERS,
                claim.id(),
                Phrase.of("wait.papers"),
                papersBy,
                Ask.Then.STOP,
                caseworker.displayName());
        database.sql(
                        "insert into urgent_award (claim_id, run_id, decided_by, decided_at, ask_id, letter) values (?, ?, ?, ?, ?, ?)")
                .params(claim.id(), run, caseworker.displayName(), Timestamp.from(clock.instant()), ask.id(), letter)
                .update();
        claims.noLongerUrgent(claim.id());
        history.add(
                claim.id(),
                Actor.of(caseworker),
                "urgent-award",
                Phrase.of("history.urgent-award", Phrase.full(papersBy)));
        events.publishEvent(
                new Decided(claim.id(), run, Decision.Kind.URGENT, dossier.run().determination()));
        notices.tell(claim.id());
        return new Award(papersBy, caseworker.displayName(), letter);
    }

    /** Papers came: once none is wanted any more, the claim comes back to be decided. */
    @EventListener
    void papersChanged(PapersChanged event) {
        asks.open(event.claim(), Ask.Kind.LATER_PAPERS)
                .filter(ask -> evidence.of(dossiers.of(event.claim())).stream().noneMatch(EvidenceItem::isWanted))
                .ifPresent(asks::answered);
    }

    /** The 30 days are over: unless everything came, the payment stops and the claim is closed. */
    @EventListener
    void lapsed(AskLapsed event) {
        if (event.ask().kind() == Ask.Kind.LATER_PAPERS) {
            decisions.close(claims.claim(event.ask().claim()), Phrase.of("urgent.stopped"));
        }
    }
}
