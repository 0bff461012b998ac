package org.civitane.server.hours;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.core.claim.Act;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.programme.Consequence;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.node.ObjectNode;

/** The weeks of a decided claim as its applicant sees and tells them. */
@Service
@Transactional
class MyWeeks {
    private final ToldWeekStore store;
    private final Telling telling;
    private final ClaimActs acts;
    private final Claims claims;
    private final Dossiers dossiers;
    private final AgencyClock clock;

    MyWeeks(ToldWeekStore store, Telling telling, ClaimActs acts, Claims claims, Dossiers dossiers, AgencyClock clock) {
        this.store = store;
        this.telling = telling;
        this.acts = acts;
        this.claims = claims;
        this.dossiers = dossiers;
        this.clock = clock;
    }

    /** The weeks of a claim whose hours are told, the first one first. */
    record MyHours(String number, List<HoursWeek> weeks) {}

    /**
     * A week.
     *
     * @param dueOn by when its hours are asked for; empty unless they are
     * @param days on which they work within it
     * @param total all hours of it, as they stand
     * @param amount what is paid for it on these hours; empty where nothing is
     */
    record HoursWeek(
            LocalDate monday,
            LocalDate sunday,
            ToldWeek.State state,
            boolean canTell,
            Optional<LocalDate> dueOn,
            List<HoursDay> days,
            String total,
            Optional<String> amount) {}

    /** A day. @param usual the hours they work on it @param hours those missed, as they stand */
    record HoursDay(LocalDate date, String usual, String hours) {}

    @Transactional(readOnly = true)
    MyHours of(SignedIn applicant, UUID id) {
        ClaimView claim = claims.claimOf(applicant, id);
        List<ToldWeek> weeks = store.of(id);
        return new MyHours(claim.number(), weeks.isEmpty() ? List.of() : shown(dossiers.of(claim), weeks));
    }

    /**
     * The applicant tells the hours of a week, at first or anew.
     *
     * @throws Problem when it is not over, or not to be told, and at hours that cannot be
     */
    MyHours tell(SignedIn applicant, UUID id, LocalDate monday, Map<String, String> told) {
        return acts.byApplicant(id, applicant, Act.CORRESPOND, claim -> {
            ToldWeek week = store.find(id, monday)
                    .filter(each -> claim.state() == ClaimState.DECIDED)
                    .orElseThrow(() -> Problem.notFound(Phrase.of("problem.no-week")));
            if (!week.canBeTold(clock.today())) {
                throw Problem.conflict("not-over", Phrase.of("problem.week-not-over", Phrase.full(week.sunday())));
            }
            Dossier dossier = dossiers.of(claim);
            WeekHours days = WeekHours.of(claim);
            ObjectNode file = dossier.settled().copy();
            Map<LocalDate, String> hours = days.read(told, file, monday);
            if (week.state() != ToldWeek.State.TOLD || !isSame(hours, days.in(file, monday))) {
                telling.tell(dossier, week, hours, applicant);
            }
            return of(applicant, id);
        });
    }

    private static boolean isSame(Map<LocalDate, String> told, Map<LocalDate, BigDecimal> before) {
        return told.keySet().equals(before.keySet())
                && told.entrySet().stream()
                        .allMatch(each -> new BigDecimal(each.getValue()).compareTo(before.get(each.getKey())) == 0);
    }

    private List<HoursWeek> shown(Dossier dossier, List<ToldWeek> weeks) {
        WeekHours days = WeekHours.of(dossier.claim());
        ObjectNode file = dossier.settled().copy();
        Map<LocalDate, Money> paid = paid(dossier.run());
        Map<UUID, LocalDate> due = new HashMap<>();
        dossier.asks().stream()
                .filter(ask -> ask.kind() == Ask.Kind.HOURS && ask.state().isOpen())
                .forEach(ask -> due.put(ask.about(), ask.dueOn()));
        return weeks.stream().map(week -> shown(week, days, file, due, paid)).toList();
    }

    private HoursWeek shown(
            ToldWeek week, WeekHours days, ObjectNode file, Map<UUID, LocalDate> due, Map<LocalDate, Money> paid) {
        Map<LocalDate, BigDecimal> hours = days.in(file, week.monday());
        return new HoursWeek(
                week.monday(),
                week.sunday(),
                week.state(),
                week.canBeTold(clock.today()),
                Optional.ofNullable(due.get(week.id())),
                days.days(file, week.monday()).stream()
                        .map(day -> new HoursDay(
                                day,
                                WeekHours.shown(days.usual(file, day)),
                                WeekHours.shown(hours.getOrDefault(day, BigDecimal.ZERO))))
                        .toList(),
                WeekHours.shown(hours.values().stream().reduce(BigDecimal.ZERO, BigDecimal::add)),
                Optional.ofNullable(paid.get(week.monday())).map(Money::toString));
    }

    private Map<LocalDate, Money> paid(Run run) {
        Map<LocalDate, Money> paid = new HashMap<>();
        for (Consequence each : run.programme().consequences(run.determination(), clock.today())) {
            if (each instanceof Consequence.Pay pay) {
                paid.put(pay.time().firstDay(), pay.amount());
            }
        }
        return paid;
    }
}
