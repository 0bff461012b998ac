package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.civitane.core.claim.Act;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.History;
import org.civitane.server.decisions.Decision;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.platform.Problem;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** What happens to claims between handing in and decision, on the real database and job queue. */
public class ClaimLifeTest extends ServerTest {
    private static final FactPath AMOUNT = FactPath.of("incomes", "i1", "amount");

    @Autowired
    private Decisions decisions;

    @Autowired
    private Settlements settlements;

    @Autowired
    private History history;

    @Autowired
    private JdbcClient database;

    @Autowired
    private com.github.kagkarlsson.scheduler.Scheduler jobs;

    @Test
    public void aSecondApplicationForTheSchoolYearIsRecognised() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView first = handIn(applicant, answers(applicant));
        assertThatThrownBy(() -> handIn(applicant, answers(applicant)))
                .isInstanceOf(Problem.class)
                .hasMessageContaining(first.number());
        acts.withdraw(first.id(), applicant);
        assertThat(handIn(applicant, answers(applicant)).number()).isNotEqualTo(first.number());
    }

    @Test
    public void manyAtOnceHandInOneClaimEachWithANumberOfItsOwn() throws Exception {
        List<Callable<String>> work = java.util.stream.IntStream.range(0, 8)
                .mapToObj(i -> person(Role.APPLICANT))
                .map(applicant -> (Callable<String>)
                        () -> handIn(applicant, answers(applicant)).number())
                .toList();
        try (var threads = Executors.newFixedThreadPool(8)) {
            List<String> numbers = threads.invokeAll(work).stream()
                    .map(done -> {
                        try {
                            return done.get();
                        } catch (Exception e) {
                            throw new AssertionError(e);
                        }
                    })
                    .toList();
            assertThat(numbers).doesNotHaveDuplicates().hasSize(8);
        }
    }

    @Test
    public void caseworkersHandOverTheirOwnAndSupervisorsAny() {
        SignedIn first = person(Role.CASEWORKER);
        SignedIn second = person(Role.CASEWORKER);
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = handIn(applicant, answers(applicant));
        acts.take(claim.id(), first);
        assertThatThrownBy(() -> acts.handOver(claim.id(), second.account(), second))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("has this claim");
        assertThat(acts.handOver(claim.id(), second.account(), first).owner()).contains(second.account());
        SignedIn supervisor = person(Role.SUPERVISOR);
        assertThat(acts.handOver(claim.id(), first.account(), supervisor).owner())
                .contains(first.account());
        for (Role role : List.of(Role.AUDITOR, Role.APPLICANT)) {
            SignedIn nobody = person(role);
            assertThatThrownBy(() -> acts.handOver(claim.id(), nobody.account(), supervisor))
                    .as(role.name())
                    .isInstanceOf(Problem.class);
        }
        acts.withdraw(claim.id(), applicant);
        assertThatThrownBy(() -> acts.handOver(claim.id(), second.account(), supervisor))
                .isInstanceOf(Problem.class);
    }

    @Test
    public void everyNightOpenClaimsAreWorkedOutAnewAndDecidedOnesLeftAlone() {
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView open = taken(caseworker);
        ClaimView decided = taken(caseworker);
        decisions.decide(decided, "", "", caseworker);
        String step = nextStep(open);
        database.sql("update claim set next_step = '\"of yesterday\"' where id in (?, ?)")
                .params(open.id(), decided.id())
                .update();
        database.sql("update scheduled_tasks set execution_time = now() where task_name = 'stand-again'")
                .update();
        jobs.triggerCheckForDueExecutions();
        await("it is worked out anew", () -> nextStep(open).equals(step));
        assertThat(nextStep(decided)).isEqualTo("\"of yesterday\"");
    }

    @Test
    public void aSignatureUnderAnotherNameIsRefusedAtItsField() {
        SignedIn applicant = person(Role.APPLICANT);
        var signing = new org.civitane.server.intake.Drafts.Signing("R. O.", Optional.of("8903"));
        assertThatThrownBy(() -> drafts.handInAnswers(applicant, "school-meals", answers(applicant), signing))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("full name");
    }

    @Test
    public void applicantsCannotConfirmTheirOwnBenefit() {
        SignedIn applicant = person(Role.APPLICANT);
        ObjectNode answers = answers(applicant);
        answers.putObject("linkedBenefit")
                .put("kind", "FOOD_ASSISTANCE")
                .put("caseNumber", "FA-000000")
                .put("confirmed", true);
        assertThatThrownBy(() -> handIn(applicant, answers))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("not for you to say");
    }

    @Test
    public void voluntaryStatisticsStayApartFromTheClaim() {
        SignedIn applicant = person(Role.APPLICANT);
        ObjectNode answers = answers(applicant);
        answers.putObject("statistics").put("homeLanguage", "Norrhavish " + applicant.displayName());
        ClaimView claim = handIn(applicant, answers);
        assertThat(claims.newestEdition(claim)).doesNotContain("Norrhavish");
        assertThat(database.sql("select count(*) from voluntary_statistics where answers->>'homeLanguage' = ?")
                        .param("Norrhavish " + applicant.displayName())
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
    }

    @Test
    public void aSettlementChangesTheOutcomeButNotTheEdition() {
        ClaimView claim = taken(person(Role.CASEWORKER));
        String edition = claims.newestEdition(claim);
        settlements.settle(claim, AMOUNT, View.TYPED, text("700.00"), "The slips say so.", Actor.called("Test"));
        assertThat(result(claim)).isEqualTo("DENIED");
        assertThat(claims.newestEdition(claim)).isEqualTo(edition);
        settlements.undo(claim, AMOUNT, Actor.called("Test"));
        assertThat(result(claim)).isEqualTo("FREE");
        assertThatThrownBy(() ->
                        settlements.settle(claim, AMOUNT, View.TYPED, text("7.001"), "Why not", Actor.called("Test")))
                .isInstanceOf(Problem.class);
    }

    @Test
    public void nobodyDecidesOnWhatTheyHaveNotSeen() {
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView seen = taken(caseworker);
        settlements.settle(seen, AMOUNT, View.TYPED, text("500.00"), "Slip", Actor.called("Someone else"));
        assertThatThrownBy(() -> decide(seen, caseworker))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("while you looked at it");
        ClaimView now = claims.claim(seen.id());
        decide(now, caseworker);
        assertThat(claims.claim(seen.id()).state()).isEqualTo(ClaimState.DECIDED);
        assertThatThrownBy(() -> decide(now, caseworker))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("is decided");
    }

    private Decision decide(ClaimView seen, SignedIn caseworker) {
        return acts.byStaff(
                seen.id(),
                caseworker,
                Act.DECIDE,
                seen.version(),
                claim -> decisions.decide(claim, "", "", caseworker));
    }

    @Test
    public void whatIsStillOpenIsDecidedOverOnlyWithAReasonThatIsKept() {
        SignedIn caseworker = person(Role.CASEWORKER);
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = taken(caseworker, handInForFood(applicant, answers(applicant)));
        assertThatThrownBy(() -> decisions.decide(claim, "", " ", caseworker))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("papers are still to come");
        decisions.decide(claim, "", "The landlord brought them to the counter.", caseworker);
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.DECIDED);
        assertThat(history.of(claim.id()))
                .filteredOn(line -> line.kind().equals("decided-despite"))
                .extracting(History.Line::sentence)
                .allMatch(sentence -> inWords(sentence).contains("to the counter"))
                .hasSize(1);
    }

    @Test
    public void aRefusalNeedsAReason() {
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView claim = taken(caseworker);
        settlements.settle(claim, AMOUNT, View.TYPED, text("900.00"), "Slip", Actor.called("Test"));
        ClaimView now = claims.claim(claim.id());
        assertThatThrownBy(() -> decisions.decide(now, " ", "", caseworker))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("says why");
    }

    @Test
    public void twoCaseworkersCannotTakeOneClaim() {
        SignedIn first = person(Role.CASEWORKER);
        ClaimView claim = taken(first);
        assertThatThrownBy(() -> acts.take(claim.id(), person(Role.CASEWORKER)))
                .isInstanceOf(Problem.class)
                .hasMessageContaining(first.displayName());
    }

    private String nextStep(ClaimView claim) {
        return database.sql("select next_step from claim where id = ?")
                .param(claim.id())
                .query(String.class)
                .single();
    }

    private String result(ClaimView claim) {
        return dossier(claim).run().determination().outcomes().getFirst().result();
    }
}
