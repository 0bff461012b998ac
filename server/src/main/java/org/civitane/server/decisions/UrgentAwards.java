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
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.verification.Verification;
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
    private final Announcing announcing;
    private final Asks asks;
    private final AgencyClock clock;

    UrgentAwards(
            JdbcClient database,
            Claims claims,
            Verification verification,
            Dossiers dossiers,
            Announcing announcing,
            Asks asks,
            AgencyClock clock) {
        this.database = database;
        this.claims = claims;
        this.verification = verification;
        this.dossiers = dossiers;
        this.announcing = announcing;
        this.asks = asks;
        this.clock = clock;
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
            throw Problem.conflict("not-urgent", Phrase.of("urgent.not"));
        }
        if (!confirmed) {
            throw Problem.conflict("identity", Phrase.of("urgent.identity"));
        }
        Run run = dossier.run();
        boolean approved = run.determination().status() == Status.DETERMINED
                && run.determination().outcomes().stream()
                        .allMatch(outcome -> run.findingOf(outcome) == Finding.GRANTED);
        if (!approved) {
            throw Problem.conflict("not-approved", Phrase.of("urgent.not-approved"));
        }
        return keep(dossier, caseworker);
    }

    private Award keep(Dossier dossier, SignedIn caseworker) {
        ClaimView claim = dossier.claim();
        LocalDate papersBy = clock.today().plusDays(PAPERS_DAYS);
        Announcing.Kept kept = announcing.keep(
                dossier,
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
                .params(
                        claim.id(),
                        kept.run(),
                        caseworker.displayName(),
                        Timestamp.from(clock.instant()),
                        ask.id(),
                        kept.letter())
                .update();
        claims.noLongerUrgent(claim.id());
        claims.note(
                claim.id(),
                Actor.of(caseworker),
                "urgent-award",
                Phrase.of("history.urgent-award", Phrase.full(papersBy)));
        announcing.tell(dossier, kept.run(), Decision.Kind.URGENT);
        return new Award(papersBy, caseworker.displayName(), kept.letter());
    }
}
