package org.civitane.server.demo;

import jakarta.persistence.EntityManager;
import java.io.ByteArrayInputStream;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.server.access.Accounts;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.ClaimActs;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.corrections.FixList;
import org.civitane.server.corrections.FixListAnswers;
import org.civitane.server.corrections.FixLists;
import org.civitane.server.corrections.Point;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.determinations.Run;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.doubts.Doubts;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.intake.Drafts;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.papers.Readings;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.Simulated;
import org.springframework.context.annotation.Profile;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.node.ObjectNode;

/** Loads the demo's accounts and claims in one transaction: all of them or none. Dates are relative to today. */
@Component
@Profile(Simulated.PROFILE)
class DemoLoader {
    private static final long ONE_SERVER = 8_420_002;
    private static final String PASSWORD = "halvern-demo-2026";
    private static final String CASEWORKER = "asa.mikkel@halvern.example";

    private final Accounts accounts;
    private final Drafts drafts;
    private final Claims claims;
    private final ClaimActs acts;
    private final FixLists fixLists;
    private final FixListAnswers answers;
    private final Decisions decisions;
    private final Papers papers;
    private final Dossiers dossiers;
    private final EvidenceList evidence;
    private final Readings readings;
    private final Doubts doubts;
    private final DemoRegisters registers;
    private final EntityManager entities;
    private final JdbcClient database;
    private final AgencyClock clock;
    private LocalDate today = LocalDate.EPOCH;

    DemoLoader(
            Accounts accounts,
            Drafts drafts,
            Claims claims,
            ClaimActs acts,
            FixLists fixLists,
            FixListAnswers answers,
            Decisions decisions,
            Papers papers,
            Dossiers dossiers,
            EvidenceList evidence,
            Readings readings,
            Doubts doubts,
            DemoRegisters registers,
            EntityManager entities,
            JdbcClient database,
            AgencyClock clock) {
        this.accounts = accounts;
        this.drafts = drafts;
        this.claims = claims;
        this.acts = acts;
        this.fixLists = fixLists;
        this.answers = answers;
        this.decisions = decisions;
        this.papers = papers;
        this.dossiers = dossiers;
        this.evidence = evidence;
        this.readings = readings;
        this.doubts = doubts;
        this.registers = registers;
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
        ClaimView claim = at(
                day,
                10,
                () -> drafts.handInAnswers(
                        applicant,
                        "rent-arrears",
                        tenancy.answers(today),
                        new Drafts.Signing(tenancy.fullName(), Optional.empty())));
        at(day, 16, () -> {
            registers.answer(claim.id());
            return claim;
        });
        take(claim, caseworker, BusinessCalendar.plusBusinessDays(day, 1));
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
        ClaimView claim = at(day, 9 + household.number() % 7, () -> handIn(household, applicant));
        LocalDate dayAfter = BusinessCalendar.plusBusinessDays(day, 1);
        at(day, 16, () -> {
            registers.answer(claim.id());
            return claim;
        });
        at(day, 17, () -> sendPapers(household, claim, applicant));
        switch (household.story()) {
            case NEW -> {}
            case LINKED_ACTIVE, LINKED_CLOSED, LINKED_UNKNOWN, INCOME_MISSING -> {
                if (household.number() % 4 != 3) {
                    take(claim, caseworker, dayAfter);
                }
            }
            case TAKEN -> take(claim, caseworker, dayAfter);
            case READY -> {
                take(claim, caseworker, dayAfter);
                at(dayAfter, 12, () -> acceptPapers(household, claim, caseworker));
            }
            case TWIST -> {
                take(claim, caseworker, dayAfter);
                at(dayAfter, 12, () -> acceptPapers(household, claim, caseworker));
                if (household.twist() == DemoTwist.CARD_OF_ANOTHER) {
                    at(dayAfter, 14, () -> disown(claim, applicant, caseworker));
                }
            }
            case FIX_LIST_OUT -> sendFixList(claim, caseworker, dayAfter);
            case FIX_LIST_ANSWERED -> {
                sendFixList(claim, caseworker, dayAfter);
                at(clock.today(), 7, () -> answer(applicant, claim));
            }
            case DECIDED -> {
                take(claim, caseworker, dayAfter);
                at(dayAfter, 12, () -> acceptPapers(household, claim, caseworker));
                at(businessDaysAgo(household.number() / 10 % 4), 11, () -> decide(claim, caseworker));
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

    private ClaimView handIn(DemoHousehold household, SignedIn applicant) {
        return drafts.handInAnswers(
                applicant,
                household.programme(),
                household.answers(today),
                new Drafts.Signing(household.fullName(), Optional.of("8903")));
    }

    /** Two of three households send what is asked for at once. */
    private List<EvidenceItem> sendPapers(DemoHousehold household, ClaimView claim, SignedIn applicant) {
        List<EvidenceItem> wanted = evidence.of(dossiers.of(claim));
        boolean atOnce = switch (household.story()) {
            case READY, DECIDED, TAKEN -> true;
            case TWIST -> household.twist() != DemoTwist.URGENT;
            default -> household.number() % 3 != 0;
        };
        boolean slipsMissing = household.twist() == DemoTwist.UNSUPPORTED;
        for (EvidenceItem item : atOnce ? wanted : List.<EvidenceItem>of()) {
            if (!slipsMissing || !item.kind().equals("PAY_SLIPS")) {
                DemoPaper paper = paper(item.kind(), household);
                papers.take(
                        claim,
                        new ByteArrayInputStream(paper.contents()),
                        item.kind(),
                        item.subject(),
                        paper.name(),
                        applicant);
            }
        }
        return wanted;
    }

    private DemoPaper paper(String kind, DemoHousehold household) {
        return DemoPaper.of(kind, household, household.answers(today), dayOf(household));
    }

    private ClaimView acceptPapers(DemoHousehold household, ClaimView claim, SignedIn caseworker) {
        for (Paper paper : papers.of(claim.id())) {
            List<Map<String, String>> pages = paper(paper.kind(), household).pages();
            for (int page = 0; page < pages.size(); page++) {
                readings.see(claim, paper.id(), page + 1, pages.get(page), caseworker);
            }
            if (pages.isEmpty()) {
                readings.see(claim, paper.id(), 1, Map.of(), caseworker);
            }
            papers.judge(claim, paper.id(), Optional.empty(), caseworker);
        }
        return claim;
    }

    /** The person is asked, and says that it was not them. */
    private ClaimView disown(ClaimView claim, SignedIn applicant, SignedIn caseworker) {
        doubts.ask(
                claims.claim(claim.id()),
                "The identity card that came with it is made out to someone else.",
                caseworker);
        doubts.answer(applicant, claim.id(), false);
        return claim;
    }

    private void take(ClaimView claim, SignedIn caseworker, LocalDate day) {
        at(day, 10, () -> acts.take(claim.id(), caseworker));
    }

    private void sendFixList(ClaimView claim, SignedIn caseworker, LocalDate day) {
        take(claim, caseworker, day);
        at(day, 11, () -> {
            ClaimView taken = claims.claim(claim.id());
            Point point = Point.asking(
                    "incomes/i1/amount",
                    "Wages",
                    "The amount you gave is not the one we expected for this work. Which months does it cover, and is it before tax?",
                    "The amount before tax for one week or month, as on your newest pay slip.");
            fixLists.save(taken, List.of(point), fixLists.suggestedDueOn(taken), FixList.Then.DECIDE);
            fixLists.send(taken, caseworker);
            return taken;
        });
    }

    private ClaimView answer(SignedIn applicant, ClaimView claim) {
        ObjectNode file = JsonColumn.readObject(claims.newestEdition(claims.claim(claim.id())));
        String amount = file.path("incomes").path(0).path("amount").asString();
        String corrected = amount.replaceFirst("^(\\d+)\\d\\.", "$15.");
        answers.answer(
                applicant,
                claim.id(),
                Map.of(
                        "incomes/i1/amount",
                        new FixListAnswers.Answer(
                                tools.jackson.databind.node.StringNode.valueOf(corrected),
                                Optional.of("It covers August to October."))));
        return claim;
    }

    private ClaimView decide(ClaimView claim, SignedIn caseworker) {
        ClaimView now = claims.claim(claim.id());
        Run run = dossiers.of(now).run();
        boolean negative = run.determination().outcomes().stream()
                .anyMatch(outcome -> run.findingOf(outcome).needsReason());
        decisions.decide(
                now,
                negative ? "What your household receives is over the limit, as shown below." : "",
                "Seen together with the household's papers of the year before.",
                caseworker);
        return now;
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
