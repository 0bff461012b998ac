package org.civitane.server.hours;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.programme.Beyond;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.following.Replanning;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.settlements.Settlements;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/**
 * What telling the hours of a week does to a decided claim: a new edition, the determination on it, and what is paid
 * then, all under the decision that there is. What was found out otherwise is taken as it was when that was made.
 */
@Component
class Telling {
    private final Claims claims;
    private final Settlements settlements;
    private final Determinations determinations;
    private final Replanning replanning;
    private final ToldWeekStore store;
    private final Asks asks;
    private final AgencyClock clock;

    Telling(
            Claims claims,
            Settlements settlements,
            Determinations determinations,
            Replanning replanning,
            ToldWeekStore store,
            Asks asks,
            AgencyClock clock) {
        this.claims = claims;
        this.settlements = settlements;
        this.determinations = determinations;
        this.replanning = replanning;
        this.store = store;
        this.asks = asks;
        this.clock = clock;
    }

    /** @param hours of the days of the week, each checked already */
    void tell(Dossier dossier, ToldWeek week, Map<LocalDate, String> hours, SignedIn applicant) {
        ClaimView claim = dossier.claim();
        WeekHours days = WeekHours.of(claim);
        ObjectNode file = determinations.ranOn(claim.id());
        ObjectNode said = dossier.said().copy();
        days.replace(file, week.monday(), hours);
        said.set(days.rows(), file.path(days.rows()).deepCopy());
        settlements.lapse(claim.id(), List.of(FactPath.of(days.rows())));
        Phrase day = Phrase.full(week.monday());
        ClaimView told = claims.addTold(claim.id(), JsonColumn.write(said), Phrase.of("edition.hours-told", day));
        CaseFiles.Read<?> read = CaseFiles.read(JsonColumn.bytes(file));
        Run run = determinations.run(read);
        UUID kept = determinations.keep(told, file, run);
        store.told(week, kept, beyond(read, week, run.wording()), clock.instant());
        claims.note(
                claim.id(),
                Actor.of(applicant),
                "hours-told",
                Phrase.of("history.hours-told", day, WeekHours.total(hours)));
        dossier.asks().stream()
                .filter(ask -> ask.about().equals(week.id()) && ask.state().isOpen())
                .forEach(asks::answered);
        replanning.again(claim.id(), kept, run.determination());
    }

    private static <C extends CaseFile> Optional<ToldWeek.BeyondCertified> beyond(
            CaseFiles.Read<C> read, ToldWeek week, Wording wording) {
        Optional<Beyond> beyond = read.programme().beyondCertified(read.file(), new PaidFor.Week(week.monday()));
        return beyond.map(found -> new ToldWeek.BeyondCertified(
                wording.shown(found.told()), found.certified().map(wording::shown), found.days()));
    }
}
