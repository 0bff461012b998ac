package org.civitane.server.hours;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.reasoning.Wording;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** What telling the hours of a week does to a decided claim. */
@Component
class Telling {
    private final Repetition repetition;
    private final ToldWeekStore store;
    private final Claims claims;
    private final Asks asks;
    private final AgencyClock clock;

    Telling(Repetition repetition, ToldWeekStore store, Claims claims, Asks asks, AgencyClock clock) {
        this.repetition = repetition;
        this.store = store;
        this.claims = claims;
        this.asks = asks;
        this.clock = clock;
    }

    /** @param hours of the days of the week, each checked already */
    void tell(Dossier dossier, ToldWeek week, Map<LocalDate, String> hours, SignedIn applicant) {
        WeekHours days = WeekHours.of(dossier.claim());
        ObjectNode file = repetition.before(dossier);
        days.replace(file, week.monday(), hours);
        Phrase day = Phrase.full(week.monday());
        Repetition.Repeated repeated = repetition.run(
                dossier, Map.of(days.rows(), file.path(days.rows())), Phrase.of("edition.hours-told", day));
        store.told(
                week,
                repeated.id(),
                beyond(repeated.read(), week, repeated.run().wording()),
                clock.instant());
        claims.note(
                dossier.claim().id(),
                Actor.of(applicant),
                "hours-told",
                Phrase.of("history.hours-told", day, WeekHours.total(hours)));
        dossier.asks().stream()
                .filter(ask -> ask.about().equals(week.id()) && ask.state().isOpen())
                .forEach(asks::answered);
        repetition.follow(dossier, repeated);
    }

    private static <C extends CaseFile> Optional<ToldWeek.BeyondCertified> beyond(
            CaseFiles.Read<C> read, ToldWeek week, Wording wording) {
        return read.programme()
                .beyondCertified(read.file(), new PaidFor.Week(week.monday()))
                .map(found -> new ToldWeek.BeyondCertified(
                        wording.shown(found.told()), found.certified().map(wording::shown), found.days()));
    }
}
