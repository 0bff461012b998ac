package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.History;
import org.civitane.server.contact.Notices;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.papers.Papers;
import org.civitane.server.papers.Reading;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;

/**
 * A server process on the same database is killed while papers upload, jobs run and claims are decided: what was
 * acknowledged is there, nothing is there twice, and what was left undone is done by the server that goes on.
 */
@Test(groups = "alone")
public class KillTest extends ServerTest {
    private static final int CLAIMS = 4;
    private static final int ENOUGH = 10;

    @Autowired
    private Papers papers;

    @Autowired
    private PaperStore store;

    @Autowired
    private Decisions decisions;

    @Autowired
    private Notices notices;

    @Autowired
    private History history;

    private OtherServer server;

    @AfterClass(alwaysRun = true)
    void stop() {
        if (server != null) {
            server.close();
        }
    }

    @Test
    public void nothingAcknowledgedIsLostAndNothingIsDoneTwice() throws Exception {
        int port = Ports.free();
        server = OtherServer.start(port, STORE);
        SignedIn caseworker = person(Role.CASEWORKER);
        List<ClaimView> toDecide = new ArrayList<>();
        List<SignedIn> applicants = new ArrayList<>();
        List<ClaimView> toFill = new ArrayList<>();
        for (int i = 0; i < CLAIMS; i++) {
            toDecide.add(taken(caseworker));
            SignedIn applicant = person(Role.APPLICANT);
            applicants.add(applicant);
            toFill.add(handInForFood(applicant, answers(applicant)));
        }
        await("the other server answers", server::answers);
        Map<String, UUID> acknowledged = new ConcurrentHashMap<>();
        List<UUID> decided = new java.util.concurrent.CopyOnWriteArrayList<>();
        CountDownLatch enough = new CountDownLatch(ENOUGH);
        try (ExecutorService threads = Executors.newFixedThreadPool(CLAIMS + 1)) {
            for (int i = 0; i < CLAIMS; i++) {
                Visitor visitor = new Visitor(port, applicants.get(i).email());
                ClaimView claim = toFill.get(i);
                threads.submit(() -> uploadUntilItFails(visitor, claim.id(), acknowledged, enough));
            }
            threads.submit(() -> decideUntilItFails(new Visitor(port, caseworker.email()), toDecide, decided));
            enough.await();
            server.close();
        }
        assertThat(acknowledged).hasSizeGreaterThanOrEqualTo(ENOUGH);
        for (ClaimView claim : toFill) {
            checkPapers(claim, acknowledged);
        }
        for (ClaimView claim : toDecide) {
            checkDecision(claim, decided.contains(claim.id()));
        }
        ClaimView first = toFill.getFirst();
        int before = papers.of(first.id()).size();
        Paper again = papers.of(first.id()).getFirst();
        papers.take(
                first,
                new ByteArrayInputStream(store.get(again.digest())),
                "OTHER",
                "",
                "again.pdf",
                applicants.getFirst());
        assertThat(papers.of(first.id())).hasSize(before);
    }

    private void checkPapers(ClaimView claim, Map<String, UUID> acknowledged) {
        List<Paper> there = papers.of(claim.id());
        assertThat(there)
                .extracting(Paper::name)
                .doesNotHaveDuplicates()
                .containsAll(acknowledged.entrySet().stream()
                        .filter(entry -> entry.getValue().equals(claim.id()))
                        .map(Map.Entry::getKey)
                        .toList());
        there.forEach(paper ->
                assertThat(papers.picture(claim.id(), paper.id(), 1).contents()).isNotEmpty());
        assertThat(history.of(claim.id()).stream().filter(line -> line.kind().equals("paper-received")))
                .hasSameSizeAs(there);
        await(
                "every paper was read by the server that goes on",
                () -> readings.of(claim.id()).values().stream()
                        .noneMatch(reading -> reading.state() == Reading.State.WAITING));
    }

    private void checkDecision(ClaimView claim, boolean wasAcknowledged) {
        boolean isDecided = claims.claim(claim.id()).state() == ClaimState.DECIDED;
        assertThat(isDecided || !wasAcknowledged)
                .as("an acknowledged decision stands")
                .isTrue();
        assertThat(decisions.of(claim.id()).isPresent()).isEqualTo(isDecided);
        assertThat(notices.of(claim.id())).hasSize(isDecided ? 1 : 0);
        if (isDecided) {
            assertThat(decisions.letter(claim.id())).isNotEmpty();
            await(
                    "word went out",
                    () -> notices.of(claim.id()).getFirst().state().equals("SENT"));
        }
    }

    private static void uploadUntilItFails(
            Visitor visitor, UUID claim, Map<String, UUID> acknowledged, CountDownLatch enough) {
        for (int i = 0; ; i++) {
            String name = "lease-" + claim.toString().substring(0, 4) + "-" + i + ".pdf";
            String path = "/api/my/claims/" + claim + "/papers?kind=HOUSING_COSTS";
            if (visitor.upload(path, name, BlankPdf.titled(name)).status() != 200) {
                return;
            }
            acknowledged.put(name, claim);
            enough.countDown();
        }
    }

    private static void decideUntilItFails(Visitor visitor, List<ClaimView> claims, List<UUID> decided) {
        for (ClaimView claim : claims) {
            String body = "{\"version\":%d,\"reason\":\"\",\"despite\":\"\"}".formatted(claim.version());
            if (visitor.post("/api/claims/" + claim.id() + "/decide", body).status() == 200) {
                decided.add(claim.id());
            }
        }
    }
}
