package org.civitane.server.decisions;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.identity.IdentityCheck;
import org.civitane.core.programme.Finding;
import org.civitane.core.programme.Status;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.History;
import org.civitane.server.casework.Wait;
import org.civitane.server.contact.Notices;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.papers.EvidenceItem;
import org.civitane.server.papers.EvidenceList;
import org.civitane.server.papers.KeptFiles;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.papers.PapersChanged;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.civitane.server.verification.Verification;
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
    private final Determinations determinations;
    private final EvidenceList evidence;
    private final Decisions decisions;
    private final Letters letters;
    private final PaperStore store;
    private final KeptFiles files;
    private final Notices notices;
    private final History history;
    private final SchedulerClient jobs;
    private final AgencyClock clock;
    private final Texts texts;

    UrgentAwards(
            JdbcClient database,
            Claims claims,
            Verification verification,
            Determinations determinations,
            EvidenceList evidence,
            Decisions decisions,
            Letters letters,
            PaperStore store,
            KeptFiles files,
            Notices notices,
            History history,
            SchedulerClient jobs,
            AgencyClock clock,
            Texts texts) {
        this.database = database;
        this.claims = claims;
        this.verification = verification;
        this.determinations = determinations;
        this.evidence = evidence;
        this.decisions = decisions;
        this.letters = letters;
        this.store = store;
        this.files = files;
        this.notices = notices;
        this.history = history;
        this.jobs = jobs;
        this.clock = clock;
        this.texts = texts;
    }

    /** What was paid at once. @param papersBy the last day for everything that is still to be shown */
    public record Award(LocalDate papersBy, String by, String letter) {}

    /** The award on a claim, if there is one. */
    @Transactional(readOnly = true)
    public Optional<Award> of(UUID claim) {
        return database.sql("select papers_by, decided_by, letter from urgent_award where claim_id = ?")
                .param(claim)
                .query((row, number) ->
                        new Award(row.getObject(1, LocalDate.class), row.getString(2), row.getString(3)))
                .optional();
    }

    /** @throws Problem when it is not urgent, not approved on what was said, or it is not sure who they are */
    public Award approve(ClaimView claim, SignedIn caseworker) {
        boolean confirmed = verification.of(claim).identity().result() == IdentityCheck.Result.CONFIRMED;
        if (!claim.urgent() || of(claim.id()).isPresent()) {
            throw Problem.conflict("not-urgent", texts.say("urgent.not"));
        }
        if (!confirmed) {
            throw Problem.conflict("identity", texts.say("urgent.identity"));
        }
        Determinations.Run run = determinations.current(claim);
        boolean approved = run.determination().status() == Status.DETERMINED
                && run.determination().outcomes().stream()
                        .allMatch(outcome -> run.findingOf(outcome) == Finding.GRANTED);
        if (!approved) {
            throw Problem.conflict("not-approved", texts.say("urgent.not-approved"));
        }
        return keep(claim, caseworker);
    }

    private Award keep(ClaimView claim, SignedIn caseworker) {
        Determinations.Kept kept = determinations.keep(claim);
        LocalDate papersBy = clock.today().plusDays(PAPERS_DAYS);
        String words = texts.say("urgent.letter", DayText.date(papersBy));
        String letter =
                store.put(letters.pdf(claim, kept.run(), Decision.Kind.URGENT, words, caseworker.displayName()));
        files.hold(letter);
        database.sql(
                        "insert into urgent_award (claim_id, run_id, decided_by, decided_at, papers_by, letter) values (?, ?, ?, ?, ?, ?)")
                .params(
                        claim.id(),
                        kept.id(),
                        caseworker.displayName(),
                        Timestamp.from(clock.instant()),
                        papersBy,
                        letter)
                .update();
        claims.waitFor(
                claim.id(),
                new Wait(Wait.On.APPLICANT, texts.say("wait.papers"), papersBy, texts.say("wait.then.STOP")));
        claims.noLongerUrgent(claim.id());
        jobs.scheduleIfNotExists(UrgentJob.TASK
                .instance(claim.id().toString())
                .scheduledTo(papersBy.plusDays(1).atStartOfDay(clock.getZone()).toInstant()));
        history.add(
                claim.id(),
                Actor.of(caseworker),
                "urgent-award",
                texts.say("history.urgent-award", DayText.full(papersBy)));
        notices.tell(claim.id());
        return new Award(papersBy, caseworker.displayName(), letter);
    }

    /** Papers came: once none is wanted any more, the claim comes back to be decided. */
    @EventListener
    void papersChanged(PapersChanged event) {
        ClaimView claim = claims.claim(event.claim());
        boolean waits = claim.state() == ClaimState.WAITING && of(claim.id()).isPresent();
        if (waits && evidence.of(claim).stream().noneMatch(EvidenceItem::isWanted)) {
            claims.comeBack(claim.id());
        }
    }

    /** The 30 days are over: unless everything came, the payment stops and the claim is closed. */
    void follow(UUID id) {
        claims.hold(id);
        ClaimView claim = claims.claim(id);
        if (claim.state() == ClaimState.WAITING && of(id).isPresent()) {
            decisions.close(claim, texts.say("urgent.stopped"));
        }
    }
}
