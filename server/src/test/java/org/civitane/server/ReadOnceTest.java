package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.Optional;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.intake.Drafts;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** How much is asked of the database, and how often a claim is determined, for what people do all day. */
public class ReadOnceTest extends ServerTest {
    private static final Logger DETERMINED = (Logger) LoggerFactory.getLogger(Determinations.class);

    @Autowired
    private MockMvc http;

    private final ListAppender<ILoggingEvent> determined = new ListAppender<>();
    private SignedIn applicant;
    private SignedIn caseworker;
    private ClaimView claim;

    /** @param determinations how often a claim was determined as it stands */
    private record Effort(int statements, int determinations) {}

    @BeforeMethod
    void handIn() {
        applicant = person(Role.APPLICANT);
        caseworker = person(Role.CASEWORKER);
        claim = taken(caseworker, handInForFood(applicant, answers(applicant)));
        determined.start();
        DETERMINED.setLevel(Level.DEBUG);
        DETERMINED.addAppender(determined);
    }

    @AfterMethod(alwaysRun = true)
    void listenNoMore() {
        DETERMINED.detachAppender(determined);
        DETERMINED.setLevel(null);
    }

    @Test
    public void aDeskIsReadOnceAndDeterminedOnce() {
        Effort effort = effort(get("/api/claims/" + claim.id() + "/desk"), caseworker);
        assertEffort(effort, 22, 1);
    }

    @Test
    public void settlingDeterminesTheClaimOnce() {
        Effort effort = effort(settling(), caseworker);
        assertEffort(effort, 34, 1);
    }

    @Test
    public void decidingDeterminesTheClaimOnceAndADecidedOneNeverAgain() {
        Effort deciding = effort(
                post("/api/claims/" + claim.id() + "/decide")
                        .content("{\"version\":%d,\"reason\":\"As said.\",\"despite\":\"Nothing more will come.\"}"
                                .formatted(claim.version())),
                caseworker);
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.DECIDED);
        Effort desk = effort(get("/api/claims/" + claim.id() + "/desk"), caseworker);
        Effort mine = effort(get("/api/my/claims"), applicant);
        assertEffort(deciding, 52, 1);
        assertEffort(desk, 26, 0);
        assertEffort(mine, 8, 0);
    }

    @Test
    public void theDaySheetAndMyClaimsAreRead() {
        Effort sheet = effort(get("/api/day-sheet"), caseworker);
        Effort mine = effort(get("/api/my/claims"), applicant);
        assertEffort(sheet, 11, 0);
        assertEffort(mine, 14, 1);
    }

    @Test
    public void earlierClaimsOfTheSamePersonAreDeterminedOnceEach() {
        ClaimView last = claim;
        for (int i = 0; i < 6; i++) {
            last = drafts.handInAnswers(
                    applicant,
                    "paid-leave",
                    LeaveAnswers.of(answers(applicant), clock.today(), 1, clock.today()),
                    new Drafts.Signing(applicant.displayName(), Optional.empty()));
        }
        Effort effort = effort(get("/api/claims/" + last.id() + "/desk"), caseworker);
        assertThat(effort.determinations()).as(effort.toString()).isEqualTo(6);
    }

    private static void assertEffort(Effort effort, int statements, int determinations) {
        assertThat(effort.determinations()).as(effort.toString()).isEqualTo(determinations);
        assertThat(effort.statements()).as(effort.toString()).isLessThanOrEqualTo(statements);
    }

    private MockHttpServletRequestBuilder settling() {
        return post("/api/claims/" + claim.id() + "/settle").content("""
                {"version":%d,"path":"expenses/0/amount","view":"TYPED","value":"640.00","reason":"The lease says so."}""".formatted(claim.version()));
    }

    private Effort effort(MockHttpServletRequestBuilder request, SignedIn who) {
        determined.list.clear();
        Thread own = Thread.currentThread();
        int statements = StatementCount.during(() -> {
            try {
                assertThat(http.perform(request.with(as(who)).with(csrf()).contentType(MediaType.APPLICATION_JSON))
                                .andReturn()
                                .getResponse()
                                .getStatus())
                        .isEqualTo(200);
            } catch (Exception e) {
                throw new AssertionError(e);
            }
        });
        return new Effort(statements, (int) determined.list.stream()
                .filter(line -> line.getThreadName().equals(own.getName()))
                .count());
    }
}
