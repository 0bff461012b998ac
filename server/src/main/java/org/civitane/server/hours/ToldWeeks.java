package org.civitane.server.hours;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.PaidFor;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.AskLapsed;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.claims.History;
import org.civitane.server.contact.Notices;
import org.civitane.server.decisions.Decided;
import org.civitane.server.decisions.Decision;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When hours are asked for: planned with the decision, each week once, and asked for when it is over. */
@Service
@Transactional
class ToldWeeks {
    private static final int DAYS_TO_TELL = 7;
    private static final int MOST_BEYOND = 200;

    private final ToldWeekStore store;
    private final ToldWeekJobs jobs;
    private final Claims claims;
    private final History history;
    private final Dossiers dossiers;
    private final Asks asks;
    private final Notices notices;

    ToldWeeks(
            ToldWeekStore store,
            ToldWeekJobs jobs,
            Claims claims,
            History history,
            Dossiers dossiers,
            Asks asks,
            Notices notices) {
        this.store = store;
        this.jobs = jobs;
        this.claims = claims;
        this.history = history;
        this.dossiers = dossiers;
        this.asks = asks;
        this.notices = notices;
    }

    /** Plans the weeks whose hours are told; of what is closed none are told any more. */
    @EventListener
    void decided(Decided event) {
        if (event.kind() == Decision.Kind.CLOSED) {
            store.stop(event.claim());
        } else if (event.kind() == Decision.Kind.DETERMINED
                && Catalogue.named(event.determination().programme()).isAboutDays()) {
            List<PaidFor.Week> weeks =
                    weeksOf(dossiers.of(event.claim()).settled().read(), event.determination());
            if (!weeks.isEmpty()) {
                store.plan(event.claim(), weeks);
                weeks.forEach(week -> jobs.ask(event.claim(), week.monday()));
            }
        }
    }

    private static <C extends CaseFile> List<PaidFor.Week> weeksOf(
            CaseFiles.Read<C> read, Determination determination) {
        return read.programme().toldWeeks(read.file(), determination);
    }

    /** A week is over: unless its hours were told already, they are asked for. */
    void over(UUID claimId, LocalDate monday) {
        claims.hold(claimId);
        store.find(claimId, monday)
                .filter(week -> week.state() == ToldWeek.State.TO_COME)
                .ifPresent(week -> {
                    boolean first = asks.open(claimId, Ask.Kind.HOURS).isEmpty();
                    asks.ask(
                            claims.claim(claimId),
                            Ask.Kind.HOURS,
                            week.id(),
                            Phrase.of("wait.hours", Phrase.date(monday)),
                            asks.inDays(DAYS_TO_TELL),
                            Ask.Then.AS_PLANNED,
                            "");
                    store.asked(week);
                    if (first) {
                        notices.tell(claimId);
                    }
                });
    }

    /** They were not told in time: what was planned stands, until they are. */
    @EventListener
    void lapsed(AskLapsed event) {
        if (event.ask().kind() == Ask.Kind.HOURS) {
            store.notTold(event.ask().about());
        }
    }

    /** Weeks with hours that nobody certified and nobody has looked at. */
    @Transactional(readOnly = true)
    List<ToldWeekStore.Unlooked> beyond() {
        return store.beyond(MOST_BEYOND);
    }

    /** A caseworker looked at such a week. Said again, nothing changes. @param reason what they make of it */
    void looked(ClaimView claim, LocalDate monday, String reason, SignedIn caseworker) {
        ToldWeek week =
                store.find(claim.id(), monday).orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-week")));
        if (reason.isBlank()) {
            throw Problem.invalid("reason", Phrase.of("problem.reason"));
        }
        if (store.looked(week, caseworker.displayName())) {
            history.add(
                    claim.id(),
                    Actor.of(caseworker),
                    "hours-looked-at",
                    Phrase.of("history.hours-looked-at", Phrase.full(monday), reason.strip()));
        }
    }
}
