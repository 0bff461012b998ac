package org.civitane.server.demo;

import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.function.Supplier;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.server.access.Accounts;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Loads the demo's accounts and claims in one transaction: all of them or none. Dates are relative to today. */
@Component
@Profile(Simulated.PROFILE)
class DemoLoader {
    private static final long ONE_SERVER = 8_420_002;
    private static final String PASSWORD = "halvern-demo-2026";
    private static final String CASEWORKER = "asa.mikkel@halvern.example";

    private final Accounts accounts;
    private final DemoIntake intake;
    private final DemoPapers papers;
    private final DemoCasework casework;
    private final EntityManager entities;
    private final JdbcClient database;
    private final AgencyClock clock;
    private LocalDate today = LocalDate.EPOCH;

    DemoLoader(
            Accounts accounts,
            DemoIntake intake,
            DemoPapers papers,
            DemoCasework casework,
            EntityManager entities,
            JdbcClient database,
            AgencyClock clock) {
        this.accounts = accounts;
        this.intake = intake;
        this.papers = papers;
        this.casework = casework;
        this.entities = entities;
        this.database = database;
        this.clock = clock;
    }

    /** The day on which the demo began: all its dates are counted from there, also after a restart. */
    LocalDate day() {
        return database.sql("select min(created_at) from account where email = ?")
                .param(CASEWORKER)
                .query(java.sql.Timestamp.class)
                .optional()
                .map(at -> LocalDate.ofInstant(at.toInstant(), clock.getZone()))
                .orElseGet(clock::today);
    }

    /** Of two servers that start together one loads it, and the other finds it loaded. */
    @Transactional
    void load() {
        today = clock.today();
        database.sql("select pg_advisory_xact_lock(?)::text")
                .param(ONE_SERVER)
                .query(String.class)
                .single();
        if (accounts.find(CASEWORKER).isPresent()) {
            return;
        }
        SignedIn asa = accounts.register(CASEWORKER, "Ása Mikkel", PASSWORD, Role.CASEWORKER);
        SignedIn joao = accounts.register("joao.brattli@halvern.example", "João Brattli", PASSWORD, Role.CASEWORKER);
        accounts.register("sunniva.reis@halvern.example", "Sunniva Reis", PASSWORD, Role.SUPERVISOR);
        accounts.register("edda.holm@halvern.example", "Edda Holm", PASSWORD, Role.AUDITOR);
        for (int i = 0; i < DemoHousehold.COUNT; i++) {
            tell(DemoHousehold.of(i), i % 5 == 4 && i < DemoTwist.FIRST ? joao : asa);
            forgetWhatIsStored();
        }
        DemoTenancy.ALL.forEach(tenancy -> tell(tenancy, asa));
    }

    private void tell(DemoTenancy tenancy, SignedIn caseworker) {
        SignedIn applicant = accounts.register(tenancy.email(), tenancy.fullName(), PASSWORD, Role.APPLICANT);
        LocalDate day = businessDaysAgo(tenancy.daysAgo());
        ClaimView claim = at(day, 10, () -> intake.handIn(tenancy, applicant, today));
        at(day, 16, () -> intake.answered(claim));
        at(BusinessCalendar.plusBusinessDays(day, 1), 10, () -> casework.take(claim, caseworker));
    }

    /** Otherwise each change is looked for in all households before, and each takes longer than the last. */
    private void forgetWhatIsStored() {
        entities.flush();
        entities.clear();
    }

    private void tell(DemoHousehold household, SignedIn caseworker) {
        SignedIn applicant = accounts.find(household.email())
                .orElseGet(() -> accounts.register(household.email(), household.fullName(), PASSWORD, Role.APPLICANT));
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
                if (household.twist() == DemoTwist.CARD_OF_ANOTHER) {
                    at(dayAfter, 14, () -> casework.disown(claim, applicant, caseworker));
                }
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

    private <T> T at(LocalDate day, int hour, Supplier<T> work) {
        return clock.at(day.atTime(hour, 17), work);
    }

    private LocalDate businessDaysAgo(int count) {
        LocalDate day = BusinessCalendar.rolledBack(clock.today());
        for (int i = 0; i < count; i++) {
            day = BusinessCalendar.rolledBack(day.minusDays(1));
        }
        return day;
    }
}
