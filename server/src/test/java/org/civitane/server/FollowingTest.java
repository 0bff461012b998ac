package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.UUID;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.programme.Consequence;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.NewClaim;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.decisions.LetterBox;
import org.civitane.server.following.FollowUp;
import org.civitane.server.following.FollowUps;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** What follows a decision but for money: each once, seen to by someone, and told to whom it concerns. */
public class FollowingTest extends ServerTest {
    private static final Path ANOTHER_DOOR = Path.of(
            "..",
            "exchange",
            "src",
            "test",
            "resources",
            "examples",
            "valuation-review",
            "10-wrong-class-goes-to-an-inspector.json");

    @Autowired
    private FollowUps followUps;

    @Autowired
    private Decisions decisions;

    @Autowired
    private JdbcClient database;

    @Autowired
    private Scheduler jobs;

    private SignedIn applicant;
    private SignedIn caseworker;

    @BeforeMethod
    void people() {
        applicant = person(Role.APPLICANT);
        caseworker = person(Role.CASEWORKER);
    }

    @Test
    public void whatIsDueComesToTheDaySheetUntilSomeoneDidIt() {
        ClaimView claim = taken(caseworker, handInForFood(applicant, answers(applicant)));
        decisions.decide(claim, "", "Seen at the counter.", caseworker);
        FollowUp check = followUps.of(claim.id()).getFirst();
        assertThat(inWords(check.what())).isEqualTo("look again at what the decision rests on");
        assertThat(check.state()).isEqualTo(FollowUp.State.PLANNED);
        assertThat(check.dueOn()).isAfter(clock.today().plusMonths(10));
        database.sql(
                        "update scheduled_tasks set execution_time = now() where task_name = 'follow-up' and task_instance = ?")
                .param(check.id().toString())
                .update();
        jobs.triggerCheckForDueExecutions();
        await("it is due", () -> newest(claim).state() == FollowUp.State.DUE);
        assertThat(inWords(claims.claim(claim.id()).nextStep()))
                .isEqualTo("something that follows the decision is due");
        followUps.done(claims.claim(claim.id()), check.id(), "Nothing has changed.", caseworker);
        followUps.done(claims.claim(claim.id()), check.id(), "Said again.", caseworker);
        assertThat(newest(claim).note()).isEqualTo("Nothing has changed.");
        assertThat(claims.claim(claim.id()).nextStep().isNothing()).isTrue();
    }

    @Test
    public void whateverAProgrammeTellsIsPlannedOnce() {
        ClaimView claim = taken(caseworker, handInForFood(applicant, answers(applicant)));
        decisions.decide(claim, "", "Seen at the counter.", caseworker);
        UUID run = database.sql("select run_id from decision where claim_id = ?")
                .param(claim.id())
                .query(UUID.class)
                .single();
        LocalDate soon = clock.today().plusDays(3);
        List<Consequence> told = List.of(
                new Consequence.Issue("ID", soon), new Consequence.Meet("ID", soon), new Consequence.Enter("ID", soon));
        followUps.plan(claim.id(), run, told);
        followUps.plan(claim.id(), run, told);
        assertThat(followUps.of(claim.id())).hasSize(4).allMatch(each -> each.state() == FollowUp.State.PLANNED);
    }

    @Test
    public void thatAnotherDoorIsTheRightOneIsADecision() throws IOException {
        ObjectNode file = JsonColumn.readObject(Files.readString(ANOTHER_DOOR));
        CaseFiles.Read<?> read = CaseFiles.read(JsonColumn.bytes(file));
        ClaimView claim = taken(
                caseworker,
                answered(claims.receive(
                        new NewClaim(
                                read.programme(),
                                applicant,
                                read.file(),
                                file.toString(),
                                clock.today().plusDays(30),
                                false,
                                false),
                        id -> {})));
        decisions.decide(claim, "", "Looked through.", caseworker);
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.DECIDED);
    }

    @Test
    public void everyoneConcernedGetsALetterWithWhatIsTheirsAlone() throws IOException {
        ObjectNode reach = JsonColumn.object();
        ClaimView claim = taken(caseworker, handInForRent(applicant, reach));
        sign(claim);
        decisions.decide(claims.claim(claim.id()), "", "Seen at the counter.", caseworker);
        assertThat(decisions.lettersToOthers(claim.id()))
                .containsExactly(new LetterBox.ToOther("landlord", "Tarn Homes"));
        assertThat(wordsOf(decisions.letterTo(claim.id(), "landlord")))
                .contains("Tarn Homes", "We have granted relief of €1,050.00", "paid to the tenant")
                .doesNotContain("412", "wages", "income", "Ivo");
        assertThat(wordsOf(decisions.letter(claim.id())))
                .contains("You get rent arrears relief: €1,050.00", "is paid: at most")
                .as("how relief is shared out is nothing to them")
                .doesNotContain("this is band");
    }

    /** As the other tenant and the landlord would by their links. */
    private void sign(ClaimView claim) {
        ObjectNode file = dossier(claim).said().copy();
        file.withArray("signatures")
                .addObject()
                .put("member", "m2")
                .put(
                        "name",
                        dossier(claim).said().file().members().get(1).name().full())
                .put(
                        "signedAt",
                        DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH:mm:ss").format(clock.localNow()));
        file.withObject("landlord").put("takesPart", "NO");
        CaseFiles.Read<?> read = CaseFiles.read(JsonColumn.bytes(file));
        claims.addEdition(
                claim.id(),
                read.file(),
                file.toString(),
                org.civitane.server.platform.Phrase.of("edition.signed", "Ivo"));
        asks.open(claim.id(), Ask.Kind.SIGNATURE).ifPresent(asks::answered);
    }

    private FollowUp newest(ClaimView claim) {
        return followUps.of(claim.id()).getFirst();
    }
}
