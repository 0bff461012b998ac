package org.civitane.server.demo;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.documents.SimulatedCounter;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Loads the demo's accounts and claims, each story in a transaction of its own, so that a server that was ended half way
 * goes on where it was. Dates are relative to today.
 */
@Component
@Profile(Simulated.PROFILE)
class DemoLoader {
    private static final String STAFF = "staff";

    private final DemoAccounts accounts;
    private final DemoIntake intake;
    private final DemoPapers papers;
    private final DemoCasework casework;
    private final DemoStories told;
    private final JdbcClient database;
    private final AgencyClock clock;
    private LocalDate today = LocalDate.EPOCH;

    DemoLoader(
            DemoAccounts accounts,
            DemoIntake intake,
            DemoPapers papers,
            DemoCasework casework,
            DemoStories told,
            JdbcClient database,
            AgencyClock clock) {
        this.accounts = accounts;
        this.intake = intake;
        this.papers = papers;
        this.casework = casework;
        this.told = told;
        this.database = database;
        this.clock = clock;
    }

    /** The day on which the demo began: all its dates are counted from there, also after a restart. */
    LocalDate day() {
        return database.sql("select min(created_at) from account where email = ?")
                .param(DemoAccounts.CASEWORKER)
                .query(java.sql.Timestamp.class)
                .optional()
                .map(at -> LocalDate.ofInstant(at.toInstant(), clock.getZone()))
                .orElseGet(clock::today);
    }

    /** Of two servers that start together each tells what the other has not. */
    void load() {
        today = clock.today();
        if (accounts.areThere() && !told.isTold(STAFF)) {
            // it was loaded whole, before it was told by stories
            return;
        }
        told.tell(stories());
    }

    private List<DemoStories.Story> stories() {
        List<DemoStories.Story> stories = new ArrayList<>();
        stories.add(new DemoStories.Story(STAFF, accounts::makeStaff));
        for (int i = 0; i < DemoHousehold.COUNT; i++) {
            int number = i;
            boolean joaos = i % 5 == 4 && i < DemoTwist.FIRST;
            stories.add(new DemoStories.Story(
                    "household " + number,
                    () -> tell(DemoHousehold.of(number), joaos ? accounts.joao() : accounts.asa())));
        }
        DemoTenancy.ALL.forEach(tenancy ->
                stories.add(new DemoStories.Story("tenancy " + tenancy.email(), () -> tell(tenancy, accounts.asa()))));
        DemoTraveller.ALL.forEach(traveller -> stories.add(
                new DemoStories.Story("traveller " + traveller.email(), () -> tell(traveller, accounts.asa()))));
        DemoWorker.ALL.forEach(worker ->
                stories.add(new DemoStories.Story("worker " + worker.email(), () -> tell(worker, accounts.asa()))));
        return stories;
    }

    private void tell(DemoTenancy tenancy, SignedIn caseworker) {
        SignedIn applicant = accounts.applicant(tenancy.email(), tenancy.fullName());
        LocalDate day = businessDaysAgo(tenancy.daysAgo());
        ClaimView claim = at(day, 10, () -> intake.handIn(tenancy, applicant, today));
        at(day, 16, () -> intake.answered(claim));
        LocalDate dayAfter = BusinessCalendar.plusBusinessDays(day, 1);
        at(dayAfter, 10, () -> casework.take(claim, caseworker));
        does(dayAfter, 13, () -> intake.othersAnswer(tenancy, claim, today));
        if (tenancy.turn() == DemoTenancy.Turn.PAID || tenancy.turn() == DemoTenancy.Turn.CAME_BACK) {
            at(businessDaysAgo(3), 11, () -> casework.decide(claim, caseworker));
        }
    }

    private void tell(DemoTraveller traveller, SignedIn caseworker) {
        SignedIn applicant = accounts.applicant(traveller.email(), traveller.fullName());
        LocalDate day = businessDaysAgo(traveller.daysAgo());
        ClaimView claim = at(day, 10, () -> intake.handIn(traveller, applicant, day));
        at(day, 16, () -> intake.answered(claim));
        LocalDate dayAfter = BusinessCalendar.plusBusinessDays(day, 1);
        if (traveller.turn() != DemoTraveller.Turn.NEW) {
            at(dayAfter, 10, () -> casework.take(claim, caseworker));
        }
        if (traveller.isDecided()) {
            at(BusinessCalendar.plusBusinessDays(day, 2), 11, () -> casework.decide(claim, caseworker));
        }
        if (traveller.turn().isPaid()) {
            LocalDate paid = BusinessCalendar.plusBusinessDays(day, 3);
            at(paid, 12, () -> intake.paid(claim));
            afterwards(traveller.turn(), claim.id(), paid, caseworker);
        }
    }

    private void tell(DemoWorker worker, SignedIn caseworker) {
        SignedIn applicant = accounts.applicant(worker.email(), worker.fullName());
        LocalDate day = businessDaysAgo(worker.daysAgo());
        ClaimView claim = at(day, 11, () -> intake.handIn(worker, applicant, day));
        at(day, 16, () -> intake.answered(claim));
        LocalDate dayAfter = BusinessCalendar.plusBusinessDays(day, 1);
        if (worker.turn().isTaken()) {
            at(dayAfter, 10, () -> casework.take(claim, caseworker));
        }
        does(dayAfter, 14, () -> intake.othersAnswer(worker, claim, day));
        LocalDate decided = BusinessCalendar.plusBusinessDays(day, 3);
        if (worker.turn().isDecided()) {
            at(decided, 11, () -> casework.decide(claim, caseworker));
        }
        if (worker.turn() == DemoWorker.Turn.TELLS_HOURS) {
            intake.hours()
                    .story(claim.id(), worker.start(day), decided, applicant, caseworker)
                    .forEach(step -> does(step.day(), step.hour(), step.does()));
        }
    }

    private void afterwards(DemoTraveller.Turn turn, UUID claim, LocalDate paid, SignedIn caseworker) {
        SimulatedCounter counter = intake.counter();
        LocalDate dayAfter = BusinessCalendar.plusBusinessDays(paid, 1);
        switch (turn) {
            case CAME_BACK -> {
                does(dayAfter, 15, () -> counter.send(claim, caseworker));
                does(businessDaysAgo(1), 9, () -> counter.bringBack(claim, caseworker));
            }
            case REPLACED -> does(dayAfter, 11, () -> counter.makeAnew(claim, caseworker));
            case UNFETCHED -> {
                does(dayAfter.plusDays(30), 5, counter::morning);
                does(dayAfter.plusDays(91), 5, counter::morning);
            }
            case LAPSED -> does(dayAfter, 14, () -> counter.give(claim, caseworker));
            case NEW, CHECKED, MAY_BE_HELD, HELD, LIVED_ELSEWHERE, UNPAID, PAID, TO_SEND -> {}
        }
    }

    private void tell(DemoHousehold household, SignedIn caseworker) {
        SignedIn applicant = accounts.applicant(household.email(), household.fullName());
        LocalDate day = dayOf(household);
        DemoPapers.On on = new DemoPapers.On(today, day);
        ClaimView claim = at(day, 9 + household.number() % 7, () -> intake.handIn(household, applicant, today));
        LocalDate dayAfter = BusinessCalendar.plusBusinessDays(day, 1);
        at(day, 16, () -> intake.answered(claim));
        at(day, 17, () -> papers.send(household, claim, applicant, on));
        switch (household.story()) {
            case NEW -> {}
            case LINKED_ACTIVE, LINKED_CLOSED, LINKED_UNKNOWN, INCOME_MISSING -> {
                if (household.number() % 4 != 3) {
                    at(dayAfter, 10, () -> casework.take(claim, caseworker));
                }
            }
            case TAKEN -> at(dayAfter, 10, () -> casework.take(claim, caseworker));
            case READY -> {
                at(dayAfter, 10, () -> casework.take(claim, caseworker));
                at(dayAfter, 12, () -> papers.accept(household, claim, caseworker, on));
            }
            case TWIST -> {
                at(dayAfter, 10, () -> casework.take(claim, caseworker));
                at(dayAfter, 12, () -> papers.accept(household, claim, caseworker, on));
                identity(household, claim, applicant, caseworker);
            }
            case FIX_LIST_OUT -> fixListOut(claim, caseworker, dayAfter);
            case FIX_LIST_ANSWERED -> {
                fixListOut(claim, caseworker, dayAfter);
                at(clock.today(), 7, () -> casework.answer(applicant, claim));
            }
            case DECIDED -> {
                at(dayAfter, 10, () -> casework.take(claim, caseworker));
                at(dayAfter, 12, () -> papers.accept(household, claim, caseworker, on));
                at(businessDaysAgo(household.number() / 10 % 4), 11, () -> casework.decide(claim, caseworker));
            }
        }
    }

    /** Some of those who are not sure to be who they say are asked; some of them have answered. */
    private void identity(DemoHousehold household, ClaimView claim, SignedIn applicant, SignedIn caseworker) {
        LocalDate dayAfter = BusinessCalendar.plusBusinessDays(dayOf(household), 1);
        DemoIdentities identities = casework.identities();
        switch (household.twist()) {
            case CARD_OF_ANOTHER -> does(dayAfter, 14, () -> identities.disown(claim, applicant, caseworker));
            case BIRTH_ONE_DIGIT ->
                does(
                        BusinessCalendar.minusBusinessDays(clock.today(), 1),
                        15,
                        () -> identities.ask(claim, "The civil register has another date of birth.", caseworker));
            case CARD_EXPIRED, CARD_ZONE_WRONG -> {
                does(
                        BusinessCalendar.minusBusinessDays(clock.today(), 1),
                        15,
                        () -> identities.ask(
                                claim, "The identity card that you sent cannot be used as it is.", caseworker));
                does(
                        clock.today(),
                        7,
                        () -> identities.answer(
                                claim, household, applicant, household.twist() == DemoTwist.CARD_ZONE_WRONG));
            }
            default -> {}
        }
    }

    /** The day on which a household hands in; one that cannot wait does so the day before. */
    private LocalDate dayOf(DemoHousehold household) {
        int daysAgo = household.story() == DemoHousehold.Story.DECIDED
                ? 5 + household.number() % 9
                : household.number() * 3 % 10;
        return businessDaysAgo(household.twist() == DemoTwist.URGENT ? 1 : daysAgo + 1);
    }

    private void fixListOut(ClaimView claim, SignedIn caseworker, LocalDate day) {
        at(day, 10, () -> casework.take(claim, caseworker));
        at(day, 11, () -> casework.sendFixList(claim, caseworker));
    }

    private void does(LocalDate day, int hour, Runnable work) {
        at(day, hour, () -> {
            work.run();
            return day;
        });
    }

    /** Nothing of the demo happens later than now, also when it is begun early in the day. */
    private <T> T at(LocalDate day, int hour, Supplier<T> work) {
        LocalDateTime planned = day.atTime(hour, 17);
        LocalDateTime now = LocalDateTime.now(clock);
        return clock.at(planned.isAfter(now) ? now : planned, work);
    }

    private LocalDate businessDaysAgo(int count) {
        LocalDate day = BusinessCalendar.rolledBack(clock.today());
        for (int i = 0; i < count; i++) {
            day = BusinessCalendar.rolledBack(day.minusDays(1));
        }
        return day;
    }
}
