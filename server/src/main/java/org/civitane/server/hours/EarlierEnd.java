package org.civitane.server.hours;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.question.PaintedDays;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.StringNode;

/** The days of a decided claim end earlier than was said: what is paid follows at once. More days have to be applied for. */
@Service
@Transactional
class EarlierEnd {
    private final ClaimActs acts;
    private final Claims claims;
    private final Dossiers dossiers;
    private final Repetition repetition;
    private final ToldWeekStore weeks;
    private final Asks asks;

    EarlierEnd(
            ClaimActs acts, Claims claims, Dossiers dossiers, Repetition repetition, ToldWeekStore weeks, Asks asks) {
        this.acts = acts;
        this.claims = claims;
        this.dossiers = dossiers;
        this.repetition = repetition;
        this.weeks = weeks;
        this.asks = asks;
    }

    /**
     * The applicant says another last day. Said again, nothing changes.
     *
     * @throws Problem when the claim is not decided, or the day is before the first one or after the last one that stands
     */
    LocalDate end(SignedIn applicant, UUID id, LocalDate day) {
        return acts.byApplicant(id, applicant, Act.CORRESPOND, claim -> {
            PaintedDays days = days(claim);
            Dossier dossier = dossiers.of(claim);
            JsonNode file = repetition.before(dossier);
            LocalDate first = LocalDate.parse(file.path(days.from()).asString());
            LocalDate last = LocalDate.parse(file.path(days.to()).asString());
            if (day.isBefore(first) || day.isAfter(last)) {
                throw Problem.invalid("day", Phrase.of("problem.last-day", Phrase.full(first), Phrase.full(last)));
            }
            if (!day.equals(last)) {
                end(dossier, days, last, day, applicant);
            }
            return day;
        });
    }

    private void end(Dossier dossier, PaintedDays days, LocalDate before, LocalDate day, SignedIn applicant) {
        UUID claim = dossier.claim().id();
        Repetition.Repeated repeated = repetition.run(
                dossier, Map.of(days.to(), StringNode.valueOf(day.toString())), Phrase.of("edition.ends-earlier"));
        List<UUID> stopped = weeks.stopAfter(claim, day);
        dossier.asks().stream()
                .filter(ask -> stopped.contains(ask.about()) && ask.state().isOpen())
                .forEach(asks::answered);
        claims.note(
                claim,
                Actor.of(applicant),
                "ends-earlier",
                Phrase.of("history.ends-earlier", Phrase.full(before), Phrase.full(day)));
        repetition.follow(dossier, repeated);
    }

    private static PaintedDays days(ClaimView claim) {
        return Claims.programmeOf(claim)
                .form()
                .flatMap(OnlineForm::painted)
                .filter(days -> claim.state() == ClaimState.DECIDED && !claim.closed())
                .orElseThrow(() -> Problem.conflict("no-days", Phrase.of("problem.no-days")));
    }
}
