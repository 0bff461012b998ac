package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
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
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** How much is asked of the database, and how often a claim is determined, for what people do all day. */
public class ReadOnceTest extends ServerTest {
    private static final Logger DETERMINED = (Logger) LoggerFactory.getLogger(Determinations.class);

    /**
     * Files and what is made of them; sessions, which are read apart from everything else; and My claims, where one that
     * cannot be worked out leaves the others as they are.
     */
    private static final Pattern APART =
            Pattern.compile("picture|pdf|papers/|statement|/sessions|/api/my/claims$|/api/my/claims/\\{id}$");

    private static final Pattern PART = Pattern.compile("\\{[^}]+}");

    @Autowired
    private MockMvc http;

    @Autowired
    private RequestMappingHandlerMapping mappings;

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
        assertEffort(sheet, 4, 0);
        assertEffort(mine, 14, 1);
    }

    /** On a busy day each further connection is another place in the queue for one. Who looks at files lets go of it before. */
    @Test
    public void whateverAPageReadsIsReadOnOneConnection() {
        Map<String, Integer> more = new TreeMap<>();
        int read = 0;
        for (Endpoints.Call call : Endpoints.of(mappings)) {
            if (call.changes() || APART.matcher(call.path()).find()) {
                continue;
            }
            String path = PART.matcher(call.path()).replaceAll(claim.id().toString());
            for (SignedIn who : List.of(applicant, caseworker)) {
                AtomicInteger status = new AtomicInteger();
                int connections = StatementCount.connectionsDuring(() -> status.set(asked(get(path), who)));
                if (status.get() == 200) {
                    read++;
                    more.merge(call.path(), connections, Math::max);
                }
            }
        }
        more.values().removeIf(connections -> connections <= 1);
        assertThat(read).isGreaterThan(40);
        assertThat(more).isEmpty();
    }

    @Test
    public void myClaimsAreReadOnOneConnectionEach() {
        handInForLeave();
        AtomicInteger status = new AtomicInteger();
        int connections = StatementCount.connectionsDuring(() -> status.set(asked(get("/api/my/claims"), applicant)));
        assertThat(status).hasValue(200);
        assertThat(connections).isEqualTo(1 + 2);
    }

    @Test
    public void earlierClaimsOfTheSamePersonAreDeterminedOnceEach() {
        ClaimView last = claim;
        for (int i = 0; i < 6; i++) {
            last = handInForLeave();
        }
        Effort effort = effort(get("/api/claims/" + last.id() + "/desk"), caseworker);
        assertThat(effort.determinations()).as(effort.toString()).isEqualTo(6);
    }

    private ClaimView handInForLeave() {
        return drafts.handInAnswers(
                applicant,
                "paid-leave",
                LeaveAnswers.of(answers(applicant), clock.today(), 1, clock.today()),
                new Drafts.Signing(applicant.displayName(), Optional.empty()));
    }

    private int asked(MockHttpServletRequestBuilder request, SignedIn who) {
        try {
            return http.perform(request.with(as(who)).with(csrf()).contentType(MediaType.APPLICATION_JSON))
                    .andReturn()
                    .getResponse()
                    .getStatus();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
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
        int statements =
                StatementCount.during(() -> assertThat(asked(request, who)).isEqualTo(200));
        return new Effort(statements, (int) determined.list.stream()
                .filter(line -> line.getThreadName().equals(own.getName()))
                .count());
    }
}
