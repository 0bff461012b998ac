package org.civitane.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.programme.Outcome;
import org.civitane.server.access.Accounts;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.corrections.FixList;
import org.civitane.server.corrections.FixLists;
import org.civitane.server.corrections.Point;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.intake.Drafts;
import org.civitane.server.papers.EvidenceItem;
import org.civitane.server.papers.EvidenceList;
import org.civitane.server.papers.Papers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.BenefitRegister;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.node.ObjectNode;

/** Loads the demo's accounts and claims in one transaction: all of them or none. Dates are relative to today. */
@Component
class DemoLoader {
    private static final String PASSWORD = "halvern-demo-2026";

    private final Accounts accounts;
    private final Drafts drafts;
    private final Claims claims;
    private final FixLists fixLists;
    private final Decisions decisions;
    private final Determinations determinations;
    private final Papers papers;
    private final EvidenceList evidence;
    private final BenefitRegister register;
    private final AgencyClock clock;

    DemoLoader(
            Accounts accounts,
            Drafts drafts,
            Claims claims,
            FixLists fixLists,
            Decisions decisions,
            Determinations determinations,
            Papers papers,
            EvidenceList evidence,
            BenefitRegister register,
            AgencyClock clock) {
        this.accounts = accounts;
        this.drafts = drafts;
        this.claims = claims;
        this.fixLists = fixLists;
        this.decisions = decisions;
        this.determinations = determinations;
        this.papers = papers;
        this.evidence = evidence;
        this.register = register;
        this.clock = clock;
    }

    /** What the simulated register knows; it keeps nothing itself, so it is told at every start. */
    void tellRegister() {
        for (int i = 0; i < DemoHousehold.COUNT; i++) {
            DemoHousehold household = DemoHousehold.of(i);
            household
                    .caseNumber()
                    .filter(number -> household.story() != DemoHousehold.Story.LINKED_UNKNOWN)
                    .ifPresent(number -> {
                        String status = household.story() == DemoHousehold.Story.LINKED_ACTIVE ? "ACTIVE" : "CLOSED";
                        register.put(new BenefitRegister.Entry(
                                number, "FOOD_ASSISTANCE", status, household.fullName(), LocalDate.of(2025, 3, 1)));
                    });
        }
        register.put(new BenefitRegister.Entry(
                "FA-204417", "FOOD_ASSISTANCE", "ACTIVE", "Marit Ekelund", LocalDate.of(2025, 3, 1)));
    }

    @Transactional
    void load() {
        if (accounts.find("asa.mikkel@halvern.example").isPresent()) {
            return;
        }
        SignedIn asa = accounts.register("asa.mikkel@halvern.example", "Ása Mikkel", PASSWORD, Role.CASEWORKER);
        SignedIn joao = accounts.register("joao.brattli@halvern.example", "João Brattli", PASSWORD, Role.CASEWORKER);
        accounts.register("sunniva.reis@halvern.example", "Sunniva Reis", PASSWORD, Role.SUPERVISOR);
        accounts.register("edda.holm@halvern.example", "Edda Holm", PASSWORD, Role.AUDITOR);
        for (int i = 0; i < DemoHousehold.COUNT; i++) {
            tell(DemoHousehold.of(i), i % 5 == 4 ? joao : asa);
        }
    }

    private void tell(DemoHousehold household, SignedIn caseworker) {
        SignedIn applicant = accounts.register(household.email(), household.fullName(), PASSWORD, Role.APPLICANT);
        int daysAgo = household.story() == DemoHousehold.Story.DECIDED
                ? 5 + household.number() % 9
                : household.number() * 3 % 10;
        LocalDate day = businessDaysAgo(daysAgo + 1);
        ClaimView claim = at(day, 9 + household.number() % 7, () -> handIn(household, applicant));
        LocalDate dayAfter = BusinessCalendar.plusBusinessDays(day, 1);
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
                at(dayAfter, 12, () -> acceptPapers(claim, caseworker));
            }
            case FIX_LIST_OUT -> sendFixList(claim, caseworker, dayAfter);
            case FIX_LIST_ANSWERED -> {
                sendFixList(claim, caseworker, dayAfter);
                at(clock.today(), 7, () -> answer(applicant, claim));
            }
            case DECIDED -> {
                take(claim, caseworker, dayAfter);
                at(dayAfter, 12, () -> acceptPapers(claim, caseworker));
                at(businessDaysAgo(household.number() / 10 % 4), 11, () -> decide(claim, caseworker));
            }
        }
    }

    private ClaimView handIn(DemoHousehold household, SignedIn applicant) {
        return drafts.handInAnswers(
                applicant,
                household.programme(),
                household.answers(clock.today()),
                new Drafts.Signing(household.fullName(), Optional.of("8903")));
    }

    /** Two of three households send what is asked for at once. */
    private List<EvidenceItem> sendPapers(DemoHousehold household, ClaimView claim, SignedIn applicant) {
        List<EvidenceItem> wanted = evidence.of(claim);
        boolean atOnce = switch (household.story()) {
            case READY, DECIDED, TAKEN -> true;
            default -> household.number() % 3 != 0;
        };
        ObjectNode answers = household.answers(clock.today());
        for (EvidenceItem item : atOnce ? wanted : List.<EvidenceItem>of()) {
            byte[] picture = DemoPaper.of(item.kind(), household.fullName(), answers);
            papers.take(
                    claim,
                    picture,
                    item.kind(),
                    item.subject(),
                    item.kind().toLowerCase(Locale.ROOT) + ".jpg",
                    applicant);
        }
        return wanted;
    }

    private ClaimView acceptPapers(ClaimView claim, SignedIn caseworker) {
        papers.of(claim.id()).forEach(paper -> papers.judge(claim, paper.id(), Optional.empty(), caseworker));
        return claim;
    }

    private void take(ClaimView claim, SignedIn caseworker, LocalDate day) {
        at(day, 10, () -> claims.take(claim.id(), caseworker));
    }

    private void sendFixList(ClaimView claim, SignedIn caseworker, LocalDate day) {
        take(claim, caseworker, day);
        at(day, 11, () -> {
            ClaimView taken = claims.claim(claim.id());
            Point point = new Point(
                    "incomes/i1/amount",
                    "Wages",
                    "The amount you gave is not the one we expected for this work. Which months does it cover, and is it before tax?",
                    "The amount before tax for one week or month, as on your newest pay slip.",
                    null,
                    null,
                    null);
            fixLists.save(
                    taken,
                    List.of(point),
                    BusinessCalendar.rolledForward(clock.today().plusDays(12)),
                    FixList.Then.DECIDE);
            fixLists.send(taken, claims.claim(claim.id()).version(), caseworker);
            return taken;
        });
    }

    private ClaimView answer(SignedIn applicant, ClaimView claim) {
        ObjectNode file = JsonColumn.readObject(claims.newestEdition(claims.claim(claim.id())));
        String amount = file.path("incomes").path(0).path("amount").asString();
        String corrected = amount.replaceFirst("^(\\d+)\\d\\.", "$15.");
        fixLists.answer(
                applicant,
                claim.id(),
                Map.of(
                        "incomes/i1/amount",
                        new FixLists.Answer(
                                tools.jackson.databind.node.StringNode.valueOf(corrected),
                                Optional.of("It covers August to October."))));
        return claim;
    }

    private ClaimView decide(ClaimView claim, SignedIn caseworker) {
        ClaimView now = claims.claim(claim.id());
        boolean negative = determinations.current(now).determination().outcomes().stream()
                .map(Outcome::result)
                .anyMatch("DENIED"::equals);
        decisions.decide(
                now,
                now.version(),
                negative ? "What your household receives is over the limit, as shown below." : "",
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
