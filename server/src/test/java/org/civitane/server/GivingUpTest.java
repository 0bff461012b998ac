package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.civitane.core.amount.Money;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.ledger.Ledger;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Between a fee that is booked and what it was paid for: making out that does not succeed, and giving it up. */
public class GivingUpTest extends CertificateStories {
    @Autowired
    private Ledger ledger;

    private ClaimView claim;
    private Path photo;
    private Path aside;

    /** Its photo cannot be read for a while, so nothing can be made out. */
    @BeforeMethod
    void paidAndNotMadeOut() throws Exception {
        claim = granted();
        String digest = database.sql("select digest from photo where claim_id = ?")
                .param(claim.id())
                .query(String.class)
                .single();
        photo = Path.of(STORE, digest.substring(0, 2), digest);
        aside = photo.resolveSibling(digest + ".aside");
        Files.move(photo, aside);
        told(payPage(claim), "pay");
        await(
                "it was tried",
                () -> database.sql(
                                        "select coalesce(max(consecutive_failures), 0) from scheduled_tasks where task_name = 'make-out' and task_instance = ?")
                                .param(claim.id().toString())
                                .query(Integer.class)
                                .single()
                        > 0);
    }

    @AfterMethod(alwaysRun = true)
    void readableAgain() throws IOException {
        if (Files.exists(aside)) {
            Files.move(aside, photo);
        }
    }

    @Test
    public void whatCannotBeMadeOutIsPaidAllTheSameAndMadeOutWhenItCan() throws Exception {
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
        assertThat(ledger.of(claim.id())).containsEntry(Ledger.Account.BANK, Money.parse("48"));
        assertThat(documents.of(claim.id())).isEmpty();
        readableAgain();
        madeOut();
        assertThat(documents.of(claim.id())).hasSize(1);
        assertThat(giveUp(applicant)).isEqualTo(409);
    }

    @Test
    public void givenUpItsFeeGoesBackAndTheDecisionStands() throws Exception {
        assertThat(giveUp(person(Role.APPLICANT))).isEqualTo(404);
        assertThat(giveUp(applicant)).isEqualTo(204);
        assertThat(giveUp(applicant)).isEqualTo(409);
        await("it went back", () -> goneBack(claim));
        readableAgain();
        assertThat(fee(claim).path("state").asString()).isEqualTo("GIVEN_BACK");
        assertThat(ledger.of(claim.id()).values()).containsOnly(Money.ZERO);
        assertThat(documents.of(claim.id())).isEmpty();
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.DECIDED);
    }

    @Test
    public void aCaseworkerGivesItUpForThemWithAReason() throws Exception {
        assertThat(giveUpFor(person(Role.CASEWORKER), "They called.")).isEqualTo(403);
        assertThat(giveUpFor(caseworker, " ")).isEqualTo(422);
        assertThat(giveUpFor(caseworker, "They called.")).isEqualTo(204);
        await("it went back", () -> goneBack(claim));
        assertThat(documents.of(claim.id())).isEmpty();
    }

    private int giveUp(SignedIn who) throws Exception {
        return answer(
                        post("/api/my/claims/" + claim.id() + "/documents/give-up")
                                .with(csrf()),
                        who)
                .getStatus();
    }

    private int giveUpFor(SignedIn who, String reason) throws Exception {
        return answer(
                        post("/api/claims/" + claim.id() + "/documents/give-up")
                                .with(csrf())
                                .contentType(MediaType.APPLICATION_JSON)
                                .content("{\"reason\":\"" + reason + "\"}"),
                        who)
                .getStatus();
    }
}
