package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.util.Optional;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Letters to the address on record: a code to answer with, and what was sent back. */
public class IdentityLettersTest extends IdentityTest {
    @Autowired
    private JdbcClient database;

    @Autowired
    private Papers papers;

    @Test
    public void aLetterLetsTheOneWhoWasNamedSayThatItWasNotThem() {
        assertThat(desk.post("/api/claims/" + claim.id() + "/identity/letter", "")
                        .status())
                .isEqualTo(409);
        knownToTheRegister();
        Visitor.Answer letter = desk.post("/api/claims/" + claim.id() + "/identity/letter", "");
        assertThat(letter.status()).as(letter.body()).isEqualTo(200);
        String code = "123456";
        database.sql(
                        "update identity_letter set digest = encode(sha256((claim_id::text || ?)::bytea), 'hex') where claim_id = ?")
                .params(code, claim.id())
                .update();
        Visitor victim = new Visitor(PORT);
        assertThat(letter(victim, "999999").status()).isEqualTo(403);
        JsonNode page = json(letter(victim, code));
        assertThat(page.path("filing").path("account").asString())
                .contains("•••@")
                .doesNotContain(applicant.email());
        JsonNode said = json(victim.post(
                "/api/letter/answer",
                "{\"number\":\"%s\",\"code\":\"%s\",\"notMe\":true}".formatted(claim.number(), code)));
        assertThat(said.path("caseReference").asString()).isEqualTo("M-" + claim.number());
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.FROZEN);
        assertThat(identity().path("step").asString()).isEqualTo("NOT_ME");
    }

    @Test
    public void aCodeIsTriedThreeTimesAndNoMore() {
        knownToTheRegister();
        desk.post("/api/claims/" + claim.id() + "/identity/letter", "");
        database.sql(
                        "update identity_letter set digest = encode(sha256((claim_id::text || '123456')::bytea), 'hex') where claim_id = ?")
                .param(claim.id())
                .update();
        Visitor someone = new Visitor(PORT);
        for (String wrong : new String[] {"000001", "000002", "000003"}) {
            assertThat(letter(someone, wrong).status()).isEqualTo(403);
        }
        assertThat(letter(someone, "123456").status()).isEqualTo(403);
    }

    @Test
    public void whatWasSentBackIsSaidByLetterInWordsAndWithoutACode() {
        knownToTheRegister();
        handInBoth();
        String bill = grid().path("columns").path(1).path("paper").asString();
        desk.post(
                "/api/claims/" + claim.id() + "/identity/send-back",
                "{\"paper\":\"%s\",\"reason\":\"The day is cut off.\"}".formatted(bill));
        String words = wordsOf((byte[]) desk.post("/api/claims/" + claim.id() + "/identity/letter", "")
                .response()
                .body());
        assertThat(words)
                .contains("One thing is wanted again", "telephone: The day is cut off.", claim.number())
                .doesNotContain("Code");
    }

    @Test
    public void whoeverIsOnlyAskedToShowWhoTheyAreGetsNoCode() {
        knownToTheRegister();
        database.sql("update doubt set occasion = 'INTAKE' where claim_id = ?")
                .param(claim.id())
                .update();
        assertThat(wordsOf((byte[]) desk.post("/api/claims/" + claim.id() + "/identity/letter", "")
                        .response()
                        .body()))
                .contains("Please show us who you are", "Another number is on record.")
                .doesNotContain("Code", "Did you apply");
    }

    @Test
    public void aDocumentSentAsAPaperIsNamedByItsFile() {
        knownToTheRegister();
        Paper card = papers.take(
                claim, new ByteArrayInputStream(picture(passport())), "IDENTITY", "m1", "card.jpg", applicant);
        papers.judge(claim, card.id(), Optional.of("Half of it is missing."), caseworker);
        assertThat(wordsOf((byte[]) desk.post("/api/claims/" + claim.id() + "/identity/letter", "")
                        .response()
                        .body()))
                .contains("card.jpg: Half of it is missing.");
    }

    private void knownToTheRegister() {
        database.sql("""
                        update register_request set state = 'ANSWERED', answer = ?::jsonb where claim_id = ? and register = 'civil'""").params("""
                        {"known":true,"givenName":"Runa","familyName":"Ostby","previousNames":[],"dateOfBirth":"1988-03-02",
                         "address":{"street":"Tarn Road","houseNumber":"4","postCode":"2104"}}""", claim.id()).update();
    }

    private Visitor.Answer letter(Visitor who, String code) {
        return who.post("/api/letter", "{\"number\":\"%s\",\"code\":\"%s\"}".formatted(claim.number(), code));
    }
}
