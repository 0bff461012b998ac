package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.util.Map;
import org.civitane.core.amount.Money;
import org.civitane.server.following.Payees;
import org.civitane.server.following.Payment;
import org.civitane.server.ledger.Ledger;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.Bank;
import org.civitane.server.standins.Mood;
import org.civitane.server.standins.Moods;
import org.civitane.server.standins.Service;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What was paid when other hours are told: paid up, or too much, and then a debt only once it is decided. */
public class PaidTooMuchTest extends HoursToldStory {
    @Autowired
    private JdbcClient database;

    @Autowired
    private Payees payees;

    @Autowired
    private Ledger ledger;

    @Autowired
    private Moods moods;

    @Autowired
    private Bank bank;

    @Test
    public void moreThanWasPaidIsPaidUpAndTellingTheSameTwiceChangesNothing() throws Exception {
        paidOut();
        tell(0, Map.of(tuesday(0), "8", tuesday(0).plusDays(2), "4"));
        assertThat(amountsOf(0)).containsExactly("83.00", "41.50");
        tell(0, Map.of(tuesday(0), "8", tuesday(0).plusDays(2), "4.0"));
        assertThat(amountsOf(0)).containsExactly("83.00", "41.50");
        assertThat(answer(get("/api/my/claims/" + claim.id() + "/overpayments"))
                        .path("overpayments")
                        .valueStream())
                .isEmpty();
    }

    @Test
    public void whatWasPaidTooMuchIsADebtOnceItIsDecidedAndLaterWeeksSettleAFifth() throws Exception {
        paidOut();
        tell(0, Map.of(tuesday(0), "2"));
        JsonNode found = tooMuch();
        assertThat(found.path("amount").asString()).isEqualTo("62.25");
        assertThat(found.path("state").asString()).isEqualTo("FOUND");
        assertThat(ledger.of(claim.id()).getOrDefault(Ledger.Account.OVERPAYMENT, Money.ZERO))
                .isEqualTo(Money.ZERO);
        assertThat(decideOn(found, "")).isEqualTo(422);
        assertThat(decideOn(found, "Fewer hours were told.")).isEqualTo(200);
        assertThat(decideOn(found, "Once more.")).isEqualTo(409);
        assertThat(owed()).isEqualTo(Money.parse("62.25"));
        assertThat(letter(found))
                .contains("€62.25", "We keep back at most", "Fewer hours were told.", "You have the right to object.");
        leaves(WEEKS - 1);
        assertThat(owed()).isEqualTo(Money.parse("45.65"));
        assertThat(keptBack(WEEKS - 1)).isEqualTo("16.60");
        share(found, 19, 422);
        share(found, 100, 200);
        leaves(WEEKS - 2);
        assertThat(owed()).isEqualTo(Money.ZERO);
        assertThat(keptBack(WEEKS - 2)).isEqualTo("45.65");
        assertThat(ledger.of(claim.id()).values().stream().reduce(Money.ZERO, Money::plus))
                .isEqualTo(Money.ZERO);
    }

    @Test
    public void whatIsToldAnewBeforeItIsDecidedOnTakesItBack() throws Exception {
        paidOut();
        tell(0, Map.of());
        assertThat(tooMuch().path("amount").asString()).isEqualTo("83.00");
        tell(0, Map.of(tuesday(0), "8"));
        assertThat(answer(get("/api/my/claims/" + claim.id() + "/overpayments"))
                        .path("overpayments")
                        .valueStream())
                .isEmpty();
        assertThat(amountsOf(0)).containsExactly("83.00");
    }

    @Test
    public void whatTheBankIsToldOfStaysAsItIsWhateverIsToldMeanwhile() throws Exception {
        moods.set(Service.BANK, Mood.DOWN);
        payees.give(worker, claim.id(), iban("4401"), "Runa");
        await("the bank is told of the first week", () -> first().left().isPositive());
        tell(0, Map.of(tuesday(0), "2"));
        assertThat(amountsOf(0)).containsExactly("83.00");
        assertThat(tooMuch().path("amount").asString()).isEqualTo("62.25");
        assertThat(decideOn(tooMuch(), "Fewer hours were told.")).isEqualTo(200);
        moods.set(Service.BANK, Mood.ANSWERS);
        payNow(0);
        assertThat(bank.booked(iban("4401")))
                .filteredOn(booked -> booked.reference().startsWith(first().id().toString()))
                .extracting(Bank.Booking::cents)
                .containsExactly(8300L);
        assertThat(keptBack(0)).isEqualTo("0.00");
        assertThat(first().state()).isEqualTo(Payment.State.BOOKED);
    }

    @Test
    public void whatComesBackGoesOutAsItIsByThenAndIsNoDebt() throws Exception {
        moods.set(Service.BANK, Mood.DOWN);
        payees.give(worker, claim.id(), iban("4499"), "Runa");
        await("the bank is told of the first week", () -> first().left().isPositive());
        tell(0, Map.of(tuesday(0), "2"));
        assertThat(tooMuch().path("amount").asString()).isEqualTo("62.25");
        moods.set(Service.BANK, Mood.ANSWERS);
        runPayJobs(0);
        await("the closed account sent it back", () -> first().state() == Payment.State.RETURNED);
        assertThat(amountsOf(0)).containsExactly("20.75");
        assertThat(tooMuch().isMissingNode()).isTrue();
        payees.give(worker, claim.id(), iban("4402"), "Runa");
        payNow(0);
        assertThat(bank.booked(iban("4402")))
                .filteredOn(booked -> booked.reference().startsWith(first().id().toString()))
                .extracting(Bank.Booking::cents)
                .containsExactly(2075L);
    }

    @AfterMethod(alwaysRun = true)
    void answers() {
        moods.set(Service.BANK, Mood.ANSWERS);
    }

    private Payment first() {
        return payments.of(claim.id()).getFirst();
    }

    /** The account is known, and everything that is due has left. */
    private void paidOut() {
        payees.give(worker, claim.id(), iban("4400"), "Runa");
        await(
                "the first week is booked",
                () -> payments.of(claim.id()).getFirst().state() == Payment.State.BOOKED);
    }

    /** The day of a later week has come, and it leaves. */
    private void leaves(int week) {
        database.sql("update payment set due_on = ? where claim_id = ? and paid_for = ?")
                .params(clock.today(), claim.id(), week(week).toString())
                .update();
        payNow(week);
    }

    private void payNow(int week) {
        runPayJobs(week);
        await(
                "it is booked",
                () -> payments.of(claim.id()).stream()
                        .anyMatch(each -> each.time().equals(week(week)) && each.state() == Payment.State.BOOKED));
    }

    private void runPayJobs(int week) {
        database.sql("""
                        update scheduled_tasks set execution_time = now() where task_name = 'pay'
                          and exists (select from payment p where p.claim_id = ? and p.paid_for = ? and task_instance like p.id || '-%')""").params(claim.id(), week(week).toString()).update();
    }

    private JsonNode tooMuch() throws Exception {
        return answer(get("/api/my/claims/" + claim.id() + "/overpayments"))
                .path("overpayments")
                .path(0);
    }

    private int decideOn(JsonNode found, String reason) throws Exception {
        ObjectNode wish = JsonColumn.object().put("claimBack", true).put("reason", reason);
        return statusOf(post("/api/claims/" + claim.id() + "/overpayments/"
                        + found.path("id").asString() + "/decision")
                .content(wish.toString()));
    }

    private void share(JsonNode debt, int percent, int status) throws Exception {
        http.perform(put("/api/my/claims/" + claim.id() + "/overpayments/"
                                + debt.path("id").asString() + "/share")
                        .contentType("application/json")
                        .content("{\"percent\":" + percent + "}")
                        .with(as(worker))
                        .with(csrf()))
                .andExpect(
                        result -> assertThat(result.getResponse().getStatus()).isEqualTo(status));
    }

    private String letter(JsonNode debt) throws Exception {
        return wordsOf(http.perform(get("/api/my/claims/" + claim.id() + "/overpayments/"
                                + debt.path("id").asString() + "/letter")
                        .with(as(worker)))
                .andReturn()
                .getResponse()
                .getContentAsByteArray());
    }

    private Money owed() {
        return ledger.of(claim.id()).getOrDefault(Ledger.Account.OVERPAYMENT, Money.ZERO);
    }

    private String keptBack(int week) {
        return payments.of(claim.id()).stream()
                .filter(each -> each.time().equals(week(week)))
                .findFirst()
                .orElseThrow()
                .keptBack()
                .toString();
    }
}
