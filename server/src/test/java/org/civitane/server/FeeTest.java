package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.civitane.core.amount.Money;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.ledger.Ledger;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

/** A fee in the hands of whoever pays it, of the payment service, and of whoever pretends to be it. */
public class FeeTest extends CertificateStories {
    @Autowired
    private Ledger ledger;

    @Test
    public void comingBackProvesNothingButAskingDoes() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        assertThat(fee(claim).path("state").asString()).isEqualTo("OPEN");
        String checkout = page.substring(page.lastIndexOf('/') + 1);
        String lie = "{\"checkout\":\"%s\",\"state\":\"PAID\",\"cents\":4800}".formatted(checkout);
        assertThat(anyone(post("/api/pay-notices").content(lie).header("X-Pay-Signature", "00"))
                        .getStatus())
                .isEqualTo(401);
        assertThat(fee(claim).path("state").asString()).isEqualTo("OPEN");
        did(page, "silent");
        assertThat(documents.of(claim.id())).isEmpty();
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
        assertThat(documents.of(claim.id())).hasSize(1);
    }

    @Test
    public void refusedIsNotPaidAndCanBePaidAgain() throws Exception {
        ClaimView claim = granted();
        did(payPage(claim), "refuse");
        assertThat(fee(claim).path("state").asString()).isEqualTo("OPEN");
        did(payPage(claim), "pay");
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
        assertThat(answer(post("/api/my/claims/" + claim.id() + "/fee/pay").with(csrf()), applicant)
                        .getStatus())
                .isEqualTo(409);
    }

    @Test
    public void anotherAmountIsLookedAtAndBooksNothing() throws Exception {
        ClaimView claim = granted();
        did(payPage(claim), "less");
        assertThat(fee(claim).path("state").asString()).isEqualTo("OPEN");
        assertThat(documents.of(claim.id())).isEmpty();
        assertThat(inWords(claims.claim(claim.id()).nextStep())).isEqualTo("another amount was paid than the fee");
    }

    @Test
    public void toldAtTheSameMomentItIsBookedOnce() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        try (ExecutorService two = Executors.newFixedThreadPool(4)) {
            Callable<Integer> pays = () -> did(page, "twice");
            for (Future<Integer> each : two.invokeAll(List.of(pays, pays, pays, pays))) {
                assertThat(each.get()).isEqualTo(200);
            }
        }
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
        assertThat(documents.of(claim.id())).hasSize(1);
        assertThat(database.sql("select count(*) from ledger_line where booking like 'fee/%' and claim_id = ?")
                        .param(claim.id())
                        .query(Long.class)
                        .single())
                .isEqualTo(2);
    }

    @Test
    public void whatIsNotPaidInTimeIsNotOwedAnyMore() throws Exception {
        ClaimView claim = granted();
        lapseNow(claim, Ask.Kind.FEE, "max");
        await("it lapsed", () -> stateOf(claim).equals("LAPSED"));
        assertThat(ledger.of(claim.id()).values()).containsOnly(Money.ZERO);
        assertThat(answer(post("/api/my/claims/" + claim.id() + "/fee/pay").with(csrf()), applicant)
                        .getStatus())
                .isEqualTo(409);
    }

    @Test
    public void allAccountsTogetherComeToNothing() {
        assertThat(database.sql(
                                "select count(*) from (select booking from ledger_line group by booking having sum(cents) <> 0) as off")
                        .query(Long.class)
                        .single())
                .isZero();
        assertThatThrownBy(() ->
                        database.sql("update ledger_line set cents = cents + 1").update())
                .hasStackTraceContaining("permission denied");
    }

    @Test
    public void twoPagesAreOneCheckoutSoThatNobodyPaysTwice() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        assertThat(payPage(claim)).isEqualTo(page);
        did(page, "silent");
        assertThat(answer(post("/api/my/claims/" + claim.id() + "/fee/pay").with(csrf()), applicant)
                        .getStatus())
                .isEqualTo(409);
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
    }

    private String stateOf(ClaimView claim) {
        return database.sql("select state from charge where claim_id = ?")
                .param(claim.id())
                .query(String.class)
                .single();
    }
}
