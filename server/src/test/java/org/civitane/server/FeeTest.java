package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.civitane.core.amount.Money;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.ledger.Ledger;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.DataProvider;
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
        madeOut();
        assertThat(documents.of(claim.id())).hasSize(1);
    }

    @Test
    public void refusedIsNotPaidAndCanBePaidAgain() throws Exception {
        ClaimView claim = granted();
        did(payPage(claim), "refuse");
        assertThat(fee(claim).path("state").asString()).isEqualTo("OPEN");
        assertThat(fee(claim).path("refused").asBoolean()).isTrue();
        did(payPage(claim), "pay");
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
        assertThat(fee(claim).path("refused").asBoolean()).isFalse();
        assertThat(answer(post("/api/my/claims/" + claim.id() + "/fee/pay").with(csrf()), applicant)
                        .getStatus())
                .isEqualTo(409);
    }

    @Test
    public void anotherAmountGoesBackByItselfAndTheFeeCanStillBePaid() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        did(page, "less");
        await("it went back", () -> goneBack(claim));
        did(page, "twice");
        assertThat(fee(claim).path("state").asString()).isEqualTo("OPEN");
        assertThat(documents.of(claim.id())).isEmpty();
        assertThat(ledger.of(claim.id()))
                .containsEntry(Ledger.Account.BANK, Money.ZERO)
                .containsEntry(Ledger.Account.UNMATCHED, Money.ZERO);
        did(payPage(claim), "pay");
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
    }

    @Test
    public void whatComesAfterTheLastDayGoesBackToo() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        lapseNow(claim, Ask.Kind.FEE, "max");
        await("it lapsed", () -> stateOf(claim).equals("LAPSED"));
        did(page, "pay");
        await("it went back", () -> goneBack(claim));
        assertThat(documents.of(claim.id())).isEmpty();
        assertThat(ledger.of(claim.id()).values()).containsOnly(Money.ZERO);
    }

    @Test
    public void onTwoServersAtTheSameMomentItIsBookedOnce() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        String checkout = page.substring(page.lastIndexOf('/') + 1);
        did(page, "silent");
        byte[] notice = notice(checkout);
        try (OtherServer other = OtherServer.start(Ports.free(), STORE);
                ExecutorService both = Executors.newFixedThreadPool(8)) {
            await("the other server answers", other::answers);
            Callable<Integer> there = () -> other.told("/api/pay-notices", notice, signed(notice));
            Callable<Integer> here =
                    () -> anyone(post("/api/pay-notices").content(notice).header("X-Pay-Signature", signed(notice)))
                            .getStatus();
            for (Future<Integer> each : both.invokeAll(List.of(here, there, here, there, here, there, here, there))) {
                assertThat(each.get()).isEqualTo(204);
            }
        }
        madeOut();
        assertThat(documents.of(claim.id())).hasSize(1);
        assertThat(ledger.of(claim.id())).containsEntry(Ledger.Account.BANK, Money.parse("48"));
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
        madeOut();
        assertThat(documents.of(claim.id())).hasSize(1);
        assertThat(database.sql("select count(*) from ledger_line where booking like 'fee/%' and claim_id = ?")
                        .param(claim.id())
                        .query(Long.class)
                        .single())
                .isEqualTo(2);
    }

    @DataProvider
    Object[][] orders() {
        return new Object[][] {
            {List.of("REFUSED", "PAID")},
            {List.of("PAID", "REFUSED")},
            {List.of("REFUSED", "REFUSED", "PAID", "PAID", "REFUSED", "PAID")},
            {List.of("PAID", "PAID", "REFUSED", "REFUSED")},
        };
    }

    @Test(dataProvider = "orders")
    public void inWhateverOrderNoticesComeWhatWasPaidIsBookedOnce(List<String> states) throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        String checkout = page.substring(page.lastIndexOf('/') + 1);
        for (String state : states) {
            assertThat(noticed(checkout, state)).isEqualTo(204);
        }
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
        assertThat(ledger.of(claim.id())).containsEntry(Ledger.Account.BANK, Money.parse("48"));
    }

    @Test
    public void ofTwoCheckoutsThatWerePaidAfterAllOneGoesBack() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        String first = page.substring(page.lastIndexOf('/') + 1);
        assertThat(noticed(first, "REFUSED")).isEqualTo(204);
        did(payPage(claim), "pay");
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
        assertThat(noticed(first, "PAID")).isEqualTo(204);
        assertThat(database.sql("select state from checkout where id = ?")
                        .param(first)
                        .query(String.class)
                        .single())
                .as("on its way back, or there")
                .isIn("QUESTIONED", "GIVEN_BACK");
    }

    @Test
    public void whatWasPaidAndNobodyToldOfIsFoundBeforeTheFeeIsDropped() throws Exception {
        ClaimView claim = granted();
        did(payPage(claim), "silent");
        lapseNow(claim, Ask.Kind.FEE, "max");
        await("it is found", () -> stateOf(claim).equals("PAID"));
        madeOut();
        assertThat(documents.of(claim.id())).hasSize(1);
        assertThat(ledger.of(claim.id())).containsEntry(Ledger.Account.BANK, Money.parse("48"));
    }

    @Test
    public void whatWasPaidTooLateAndNobodyToldOfGoesBackThoughNobodyLooks() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        lapseNow(claim, Ask.Kind.FEE, "max");
        await("it lapsed", () -> stateOf(claim).equals("LAPSED"));
        did(page, "silent");
        database.sql("update checkout set begun_at = begun_at - interval '2 hours' where claim_id = ?")
                .param(claim.id())
                .update();
        database.sql("update scheduled_tasks set execution_time = now() where task_name = 'ask-unheard'")
                .update();
        await("it went back", () -> goneBack(claim));
        assertThat(ledger.of(claim.id()).values()).containsOnly(Money.ZERO);
    }

    private int noticed(String checkout, String state) throws Exception {
        byte[] notice = "{\"checkout\":\"%s\",\"state\":\"%s\",\"cents\":4800}"
                .formatted(checkout, state)
                .getBytes(StandardCharsets.UTF_8);
        return anyone(post("/api/pay-notices").content(notice).header("X-Pay-Signature", signed(notice)))
                .getStatus();
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

    @Test
    public void killedWhileItHearsOfThePaymentNothingIsLostAndNothingDoneTwice() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        String checkout = page.substring(page.lastIndexOf('/') + 1);
        did(page, "silent");
        byte[] notice = notice(checkout);
        OtherServer killed = OtherServer.start(Ports.free(), STORE);
        await("the other server answers", killed::answers);
        try (ExecutorService teller = Executors.newSingleThreadExecutor()) {
            Future<Integer> told = teller.submit(() -> killed.told("/api/pay-notices", notice, signed(notice)));
            await("it has begun to book", () -> told.isDone() || isHeld(claim));
            killed.close();
        }
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
        madeOut();
        assertThat(documents.of(claim.id())).hasSize(1);
        assertThat(ledger.of(claim.id())).containsEntry(Ledger.Account.BANK, Money.parse("48"));
    }

    /** Whether someone is changing the claim just now. */
    private boolean isHeld(ClaimView claim) {
        return database.sql("select count(*) from (select 1 from claim where id = ? for update skip locked) free")
                        .param(claim.id())
                        .query(Integer.class)
                        .single()
                == 0;
    }

    @Test
    public void aNoticeThatIsNoneOrOfOtherMoneyBooksNothing() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        String checkout = page.substring(page.lastIndexOf('/') + 1);
        String crowns =
                "{\"checkout\":\"%s\",\"state\":\"PAID\",\"cents\":4800,\"currency\":\"NOK\"}".formatted(checkout);
        for (String body : List.of("", "no JSON", "[]", "null", "{\"checkout\":{},\"cents\":\"x\"}", crowns)) {
            byte[] notice = body.getBytes(StandardCharsets.UTF_8);
            assertThat(anyone(post("/api/pay-notices").content(notice).header("X-Pay-Signature", signed(notice)))
                            .getStatus())
                    .as(body)
                    .isBetween(200, 499);
        }
        assertThat(stateOf(claim)).isEqualTo("OPEN");
        assertThat(ledger.of(claim.id())).doesNotContainKey(Ledger.Account.BANK);
    }

    @Test
    public void nothingIsMadeOutWhileMisuseIsLookedIntoAndItIsOnceThatIsOver() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        claims.freeze(claim.id(), Actor.of(caseworker));
        assertThat(answer(post("/api/my/claims/" + claim.id() + "/fee/pay").with(csrf()), applicant)
                        .getStatus())
                .isEqualTo(409);
        told(page, "pay");
        await("it is booked, and left for now", () -> stateOf(claim).equals("PAID") && makingOut(claim) == 0);
        assertThat(documents.of(claim.id())).isEmpty();
        claims.release(claim.id(), Actor.of(caseworker));
        madeOut();
        assertThat(documents.of(claim.id())).hasSize(1);
    }

    private int makingOut(ClaimView claim) {
        return database.sql("select count(*) from scheduled_tasks where task_name = 'make-out' and task_instance = ?")
                .param(claim.id().toString())
                .query(Integer.class)
                .single();
    }

    private static byte[] notice(String checkout) {
        return "{\"checkout\":\"%s\",\"state\":\"PAID\",\"cents\":4800}"
                .formatted(checkout)
                .getBytes(StandardCharsets.UTF_8);
    }

    private String stateOf(ClaimView claim) {
        return database.sql("select state from charge where claim_id = ?")
                .param(claim.id())
                .query(String.class)
                .single();
    }
}
