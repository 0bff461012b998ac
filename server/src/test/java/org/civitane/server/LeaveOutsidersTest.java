package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.server.access.Role;
import org.civitane.server.asks.Ask;
import org.civitane.server.evidence.EvidenceItem;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.intake.Drafts;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What an employer and a care provider say of a leave, each by a link of their own, and what neither learns. */
public class LeaveOutsidersTest extends LinkTest {
    @Autowired
    private EvidenceList evidence;

    private LocalDate start;
    private String employer;
    private String provider;

    @Override
    @BeforeMethod
    void apply() {
        applicant = person(Role.APPLICANT);
        caseworker = person(Role.CASEWORKER);
        employer = "office." + applicant.email();
        provider = "practice." + applicant.email();
        start = clock.today().with(TemporalAdjusters.next(DayOfWeek.MONDAY));
        ObjectNode answers = LeaveAnswers.of(answers(applicant), start, 2, clock.today());
        answers.putObject("employer").put("name", "Skerry Ferries");
        answers.putObject("careProvider").put("name", "Tarn Practice");
        ObjectNode reach = answers.putObject("reach");
        reach.putObject("employer").put("email", employer);
        reach.putObject("care-provider").put("email", provider);
        claim = answered(drafts.handInAnswers(
                applicant, "paid-leave", answers, new Drafts.Signing(applicant.displayName(), Optional.empty())));
    }

    @Test
    public void theEmployerLearnsNeitherReasonNorProviderAndTheProviderNothingOfTheWork() {
        JsonNode toEmployer = new Page(linkTo(employer)).open();
        assertThat(toEmployer.path("about").asString())
                .contains(applicant.displayName())
                .containsPattern("from .* 2026 to .* 202[67]");
        assertThat(toEmployer.toString()).doesNotContain("HEALTH", "health", "Tarn", "care", applicant.email());
        assertThat(carried(employer).toString()).doesNotContain("health", "Tarn", "care");
        JsonNode toProvider = new Page(linkTo(provider)).open();
        assertThat(toProvider.toString()).doesNotContain("Skerry", "HEALTH", applicant.email());
        assertThat(toProvider.path("about").asString()).contains("no diagnosis");
    }

    @Test
    public void theWorkerSeesWhetherItWasOpenedAndRemindsThemOnceADay() throws Exception {
        String link = linkTo(employer);
        assertThat(asked("employer").path("opened").isNull()).isTrue();
        new Page(link).open();
        assertThat(asked("employer").path("opened").asString()).isNotBlank();
        assertThat(remind("")).isEqualTo(429);
        assertThat(remind("crew." + employer)).isEqualTo(200);
        linkTo("crew." + employer);
        database.sql("update ask_link set made_at = made_at - interval '1 day'").update();
        assertThat(remind("")).isEqualTo(200);
    }

    private int remind(String email) {
        String reach = "{\"email\":\"%s\",\"phone\":\"\",\"personNumber\":\"\"}".formatted(email);
        return worker().post("/api/my/claims/" + claim.id() + "/others/employer", reach)
                .status();
    }

    private JsonNode asked(String whom) {
        return json(worker().get("/api/my/claims/" + claim.id() + "/others"))
                .valueStream()
                .filter(other -> other.path("whom").asString().equals(whom))
                .findFirst()
                .orElseThrow();
    }

    private Visitor worker() {
        return new Visitor(PORT, applicant.email());
    }

    @Test
    public void theEmployersFormFindsItsAskHoweverItWasScannedAndIsTakenDownByACaseworker() throws Exception {
        claim = taken(caseworker, claims.claim(claim.id()));
        Visitor desk = new Visitor(PORT, caseworker.email());
        byte[] form = pdf(desk, "/api/claims/" + claim.id() + "/others/employer/form");
        assertThat(wordsOf(form))
                .contains("What is their job with you?", applicant.displayName())
                .doesNotContain("health", "Tarn Practice");
        for (byte[] scan : List.of(Scan.straight(form), Scan.turned(form), Scan.noisy(form, 40))) {
            assertThat(json(desk.upload("/api/post", "scan.png", scan))
                            .path("number")
                            .asString())
                    .isEqualTo(claim.number());
        }
        read(claim);
        assertThat(asked("employer").path("forms")).hasSize(3);
        desk.post("/api/claims/" + claim.id() + "/others/employer/answer", """
                {"said":{"name":"","answers":{"job":"Deckhand","schedule/1":"8","schedule/2":"8","schedule/3":"8","schedule/4":"8",
                "schedule/5":"6"},"remarks":{}}}""");
        assertThat(facts("schedule")).contains("schedule/4 AGREES", "schedule/5 DIFFERS");
        assertThat(desk.get("/api/claims/" + claim.id() + "/desk").body()).contains("\"Usual hours on Fridays\"");
    }

    @Test
    public void whatTheyConfirmNeedsNoPaper() {
        assertThat(wanted()).contains("EMPLOYER_CONFIRMATION", "CARE_CERTIFICATION");
        new Page(linkTo(employer))
                .say(
                        "job",
                        "Deckhand",
                        "schedule/1",
                        "8",
                        "schedule/2",
                        "8.00",
                        "schedule/3",
                        "8",
                        "schedule/4",
                        "8",
                        "schedule/5",
                        "8",
                        "toldOn",
                        clock.today().toString());
        new Page(linkTo(provider))
                .say(
                        "needed",
                        "YES",
                        "from",
                        start.toString(),
                        "until",
                        start.plusDays(13).toString());
        assertThat(wanted()).doesNotContain("EMPLOYER_CONFIRMATION", "CARE_CERTIFICATION");
        assertThat(facts("schedule", "notice/on", "start", "end")).hasSize(8).allMatch(fact -> fact.endsWith("AGREES"));
    }

    @Test
    public void whatTheySayOtherwiseStandsBesideAndIsToBeSettled() {
        new Page(linkTo(employer))
                .say(
                        "job",
                        "Deckhand",
                        "schedule/1",
                        "8",
                        "schedule/2",
                        "4",
                        "schedule/3",
                        "8",
                        "schedule/4",
                        "8",
                        "schedule/6",
                        "6");
        new Page(linkTo(provider))
                .say(
                        "needed",
                        "YES",
                        "from",
                        start.toString(),
                        "until",
                        start.plusDays(6).toString());
        assertThat(facts("schedule", "notice/on", "end"))
                .containsExactlyInAnyOrder(
                        "schedule/1 AGREES",
                        "schedule/2 DIFFERS",
                        "schedule/3 AGREES",
                        "schedule/4 AGREES",
                        "schedule/5 DIFFERS",
                        "schedule/6 DIFFERS",
                        "notice/on DIFFERS",
                        "end DIFFERS");
    }

    @Test
    public void whatCannotBeReadIsSaidAndNothingIsTakenDown() {
        Page page = new Page(linkTo(employer));
        assertThat(page.say("schedule/1", "8").path("path").asString()).isEqualTo("job");
        assertThat(page.say("job", "Deckhand", "schedule/1", "many")
                        .path("status")
                        .asInt())
                .isEqualTo(422);
        assertThat(page.say("job", "Deckhand", "toldOn", "soon").path("status").asInt())
                .isEqualTo(422);
        assertThat(dossier(claim).said().json().path("employer").has("job")).isFalse();
        assertThat(new Page(linkTo(provider)).say("needed", "YES").path("path").asString())
                .isEqualTo("from");
    }

    @Test
    public void aProviderWhoSaysItIsNotNeededIsNoCertification() {
        new Page(linkTo(provider)).say("needed", "NO");
        assertThat(wanted()).contains("CARE_CERTIFICATION");
    }

    @Test
    public void silenceLeavesThePapersWantedAndChangesNothing() {
        int edition = claims.claim(claim.id()).edition();
        for (int open = 2; open > 0; open--) {
            int left = open - 1;
            lapseNow(claim, Ask.Kind.WORD, "min");
            await("one fewer is awaited", () -> awaited() == left);
        }
        assertThat(claims.claim(claim.id()).edition()).isEqualTo(edition);
        assertThat(wanted()).contains("EMPLOYER_CONFIRMATION", "CARE_CERTIFICATION");
    }

    private long awaited() {
        return asks.of(claim.id()).stream()
                .filter(ask -> ask.kind() == Ask.Kind.WORD && ask.state().isOpen())
                .count();
    }

    private List<String> wanted() {
        return evidence.of(dossier(claims.claim(claim.id()))).stream()
                .filter(item -> item.state() == EvidenceItem.State.ASKED_FOR)
                .map(EvidenceItem::kind)
                .toList();
    }

    /** The path and state of each fact at or below these, as the desk has it. */
    private List<String> facts(String... within) {
        Visitor desk = new Visitor(PORT, caseworker.email());
        JsonNode groups = json(desk.get("/api/claims/" + claim.id() + "/desk")).path("facts");
        return groups.valueStream()
                .flatMap(group -> group.path("facts").valueStream())
                .filter(fact ->
                        Stream.of(within).anyMatch(path -> (fact.path("path").asString() + "/").startsWith(path + "/")))
                .map(fact ->
                        fact.path("path").asString() + " " + fact.path("state").asString())
                .toList();
    }
}
