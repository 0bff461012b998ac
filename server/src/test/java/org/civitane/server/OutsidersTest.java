package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.civitane.core.claim.ClaimState;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Wait;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.evidence.EvidenceList;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Whom outside the household a claim asks: by a link, or on paper. */
public class OutsidersTest extends LinkTest {
    @Autowired
    private EvidenceList evidence;

    @Autowired
    private Decisions decisions;

    @Autowired
    private Settlements settlements;

    @Test
    public void theLandlordSaysWhetherTheyTakeTheMoneyAndWhere() {
        signed();
        Page page = new Page(linkTo(landlord));
        JsonNode asked = page.open();
        assertThat(asked.path("state").asString()).isEqualTo("OPEN");
        assertThat(asked.path("about").asString()).contains(applicant.displayName(), "with the post code");
        assertThat(asked.toString()).doesNotContain("412", "Ivo", "JOB_LOSS", applicant.email());
        assertThat(page.say("takesPart", "YES", "iban", "XH84").path("path").asString())
                .isEqualTo("iban");
        assertThat(page.say("takesPart", "MAYBE").path("path").asString()).isEqualTo("takesPart");
        JsonNode done = page.say("takesPart", "YES", "iban", "gb33 bukb 2020 1555 5555 55");
        assertThat(done.path("receipt").asString()).startsWith("You answered on ");
        JsonNode file = dossier(claims.claim(claim.id())).said().json();
        assertThat(file.path("landlord").path("takesPart").asString()).isEqualTo("YES");
        assertThat(file.path("landlord").path("iban").asString()).isEqualTo("GB33BUKB20201555555555");
        assertThat(dossier(claims.claim(claim.id())).run().determination().missing())
                .isEmpty();
    }

    @Test
    public void theRulesHoldAClaimForTheLandlordOnceNothingElseIsLeftAndGoOnWhenTheyAreSilent() {
        signed();
        taken(caseworker, claims.claim(claim.id()));
        evidence.of(dossier(claim))
                .forEach(paper -> evidence.waive(
                        dossier(claim), paper.kind(), paper.subject(), "Seen at the counter.", caseworker));
        await("it waits", () -> claims.claim(claim.id()).state() == ClaimState.WAITING);
        claim = claims.claim(claim.id());
        Wait wait = claim.waiting().orElseThrow();
        assertThat(wait.on()).isEqualTo(Wait.On.THIRD_PARTY);
        assertThat(inWords(wait.then())).isEqualTo("After that we decide without it.");
        lapseNow(claim, Ask.Kind.WORD, "min");
        await("it comes back", () -> claims.claim(claim.id()).waiting().isEmpty());
        assertThat(asks.of(claim.id()).stream().filter(ask -> ask.kind() == Ask.Kind.WORD))
                .singleElement()
                .matches(ask -> ask.state() == Ask.State.LAPSED);
        assertThat(dossier(claims.claim(claim.id()))
                        .said()
                        .json()
                        .path("decidedOn")
                        .asString())
                .isEqualTo(clock.today().toString());
    }

    @Test
    public void whatTheLandlordSaysAfterTheDecisionIsKeptForACaseworkerAndForNobodyElse() {
        signed();
        claim = taken(caseworker, claims.claim(claim.id()));
        String path = "/api/claims/" + claim.id() + "/others";
        settlements.settle(
                claim,
                FactPath.of("landlord", "takesPart"),
                View.TYPED,
                text("NO"),
                "They said so by telephone.",
                Actor.of(caseworker));
        decisions.decide(claims.claim(claim.id()), "The landlord takes no part.", "Seen at the counter.", caseworker);
        int edition = claims.claim(claim.id()).edition();
        JsonNode done = new Page(linkTo(landlord)).say("takesPart", "YES", "iban", iban("1401"));
        assertThat(done.path("receipt").asString()).contains("after the decision", "the decision does not change");
        assertThat(claims.claim(claim.id()).edition()).isEqualTo(edition);
        Visitor desk = new Visitor(PORT, caseworker.email());
        JsonNode said = json(desk.get(path)).path("remarks");
        assertThat(said).hasSize(2).allMatch(each -> each.path("after").asBoolean());
        assertThat(said.get(0).path("label").asString()).startsWith("Do you take the money");
        assertThat(said.get(1).path("words").asString()).endsWith("1401");
        assertThat(inWords(claims.claim(claim.id()).nextStep())).contains("came after the decision");
        assertThat(new Visitor(PORT, applicant.email())
                        .get("/api/my/claims/" + claim.id() + "/others")
                        .body())
                .doesNotContain("1401");
        said.forEach(each -> desk.post(
                "/api/claims/" + claim.id() + "/remarks/" + each.path("id").asString(),
                "{\"reason\":\"Too late for this one.\"}"));
        assertThat(json(desk.get(path)).path("remarks"))
                .allMatch(each -> each.path("lookedBy").asString().equals(caseworker.displayName()));
        assertThat(claims.claim(claim.id()).nextStep().isNothing()).isTrue();
    }

    @Test
    public void theApplicantSeesWhoIsAwaitedAndNeverHowTheyAreReached() {
        Visitor mine = new Visitor(PORT, applicant.email());
        JsonNode others = json(mine.get("/api/my/claims/" + claim.id() + "/others"));
        assertThat(others).hasSize(2);
        assertThat(others.toString()).contains("the signature of Ivo").doesNotContain(signer, landlord, number());
        assertThat(json(mine.get("/api/my/claims/" + claim.id()))
                        .path("sentence")
                        .asString())
                .contains("its date counts", "the signature of Ivo");
    }

    @Test
    public void aFormThatComesBackOnPaperFindsItsAskAndIsTakenDownByACaseworkerOnly() throws Exception {
        Visitor mine = new Visitor(PORT, applicant.email());
        byte[] form = pdf(mine, "/api/my/claims/" + claim.id() + "/others/m2/form");
        byte[] printed = pdf(mine, "/api/my/claims/" + claim.id() + "/others/landlord/form");
        assertThat(wordsOf(printed)).contains("Tarn Homes").doesNotContain("answer on your phone");
        assertThat(new Page(Scan.code(printed)).open().path("detail").asString())
                .as("whoever has the landlord's form cannot answer for them")
                .contains("This code leads the form back to us");
        assertThat(new Page(Scan.code(form)).open().path("title").asString()).isNotBlank();
        claim = taken(caseworker, claims.claim(claim.id()));
        Visitor desk = new Visitor(PORT, caseworker.email());
        byte[] landlords = pdf(desk, "/api/claims/" + claim.id() + "/others/landlord/form");
        assertThat(wordsOf(form)).contains(signersName(), "700.00", "Scan this to answer on your phone instead");
        assertThat(wordsOf(landlords)).contains("What is owed for which month?");
        assertThat(wordsOf(landlords))
                .contains("Tarn Homes", "Do you take the money")
                .doesNotContain("700.00");
        mine.upload("/api/my/claims/" + claim.id() + "/papers", "form.png", Scan.turned(form));
        read(claim);
        Visitor.Answer filed = desk.upload("/api/post", "scan.png", Scan.turned(landlords));
        assertThat(json(filed).path("number").asString()).isEqualTo(claim.number());
        read(claim);
        assertThat(desk.upload("/api/post", "other.png", Scan.empty()).status()).isEqualTo(409);
        assertThat(claims.claim(claim.id()).edition()).isEqualTo(1);
        JsonNode others =
                json(desk.get("/api/claims/" + claim.id() + "/others")).path("others");
        assertThat(others).allMatch(other -> other.path("forms").size() == 1);
        assertThat(json(desk.get("/api/claims/" + claim.id() + "/desk"))
                        .path("inTheWay")
                        .toString())
                .contains("A form came back: the signature of ", "A form came back: the answer of Tarn Homes");
        String signs = "{\"said\":{\"name\":\"%s\",\"answers\":{},\"remarks\":{}}}".formatted(signersName());
        desk.post("/api/claims/" + claim.id() + "/others/m2/answer", signs);
        desk.post(
                "/api/claims/" + claim.id() + "/others/landlord/answer",
                "{\"said\":{\"name\":\"\",\"answers\":{\"takesPart\":\"NO\"},\"remarks\":{}}}");
        ClaimView now = claims.claim(claim.id());
        assertThat(now.edition()).isEqualTo(3);
        assertThat(dossier(now).run().determination().missing()).isEmpty();
    }
}
