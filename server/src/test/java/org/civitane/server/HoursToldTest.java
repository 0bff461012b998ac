package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.PaidFor;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.following.Payees;
import org.civitane.server.following.Payment;
import org.civitane.server.following.Payments;
import org.civitane.server.intake.Drafts;
import org.civitane.server.ledger.Ledger;
import org.civitane.server.links.SimulatedAnswers;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.Bank;
import org.civitane.server.standins.Mood;
import org.civitane.server.standins.Moods;
import org.civitane.server.standins.Service;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Leave now and then, granted a month ago on Tuesdays that were planned: a day's hours are 83.00. What was missed in
 * each week is told once it is over, and changes what is paid under the same decision.
 */
public class HoursToldTest extends LeaveStory {
    private static final int WEEKS = 8;
    private static final int WEEKS_AGO = 4;

    @Autowired
    private JdbcClient database;

    @Autowired
    private Decisions decisions;

    @Autowired
    private Payments payments;

    @Autowired
    private Payees payees;

    @Autowired
    private Ledger ledger;

    @Autowired
    private SimulatedAnswers others;

    @Autowired
    private Moods moods;

    @Autowired
    private Bank bank;

    private SignedIn caseworker;
    private ClaimView claim;
    private LocalDate first;

    @BeforeMethod
    void granted() {
        caseworker = person(Role.CASEWORKER);
        first = clock.today()
                .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY))
                .minusWeeks(WEEKS_AGO);
        claim = clock.at(first.minusDays(3).atTime(10, 0), () -> answered(planned()));
        clock.at(
                first.minusDays(2).atTime(10, 0),
                () -> decisions.decide(taken(caseworker, claim), "", "Seen at the counter.", caseworker));
    }

    private ClaimView planned() {
        ObjectNode answers = LeaveAnswers.of(answers(worker), first, WEEKS, first.minusDays(60));
        answers.put("pattern", "INTERMITTENT");
        answers.putObject("careProvider").put("name", "Tarn Practice");
        answers.putObject("reach").putObject("care-provider").put("email", "practice." + worker.email());
        for (int week = 0; week < WEEKS; week++) {
            answers.withArray("absences")
                    .addObject()
                    .put("date", tuesday(week).toString())
                    .put("hours", "8");
        }
        return drafts.handInAnswers(
                worker, "paid-leave", answers, new Drafts.Signing(worker.displayName(), Optional.empty()));
    }

    @Test
    public void weeksThatAreOverAreAskedForAndThoseToComeAreNot() throws Exception {
        await("the weeks that are over are asked for", () -> open().size() == WEEKS_AGO);
        assertThat(inWords(open().getFirst().what())).startsWith("the hours you were away in the week from ");
        JsonNode mine = answer(get(path()));
        assertThat(mine.path("weeks").valueStream()).hasSize(WEEKS);
        JsonNode week = mine.path("weeks").path(0);
        assertThat(week.path("total").asString()).isEqualTo("8");
        assertThat(week.path("amount").asString()).isEqualTo("83.00");
        assertThat(week.path("days").valueStream())
                .extracting(day -> day.path("hours").asString())
                .containsExactly("0", "8", "0", "0", "0");
        assertThat(mine.path("weeks").path(WEEKS - 1).path("canTell").asBoolean())
                .isFalse();
        assertThat(answer(get("/api/my/claims")).path(0).path("wantedAt").asString())
                .isEqualTo("hours");
    }

    @Test
    public void whatIsToldBeforeTheMoneyLeavesIsPaidAndTheAskIsAnswered() throws Exception {
        await("it is asked for", () -> open().size() == WEEKS_AGO);
        JsonNode now = tell(0, Map.of(tuesday(0), "4", tuesday(0).plusDays(1), "2,5"));
        assertThat(now.path("weeks").path(0).path("state").asString()).isEqualTo("TOLD");
        assertThat(now.path("weeks").path(0).path("total").asString()).isEqualTo("6.5");
        assertThat(open()).hasSize(WEEKS_AGO - 1);
        // 415.00 for 6.5 of 40 hours.
        assertThat(amountsOf(0)).containsExactly("67.43");
        assertThat(dossier(claim).said().json().path("absences").toString())
                .contains("{\"date\":\"" + tuesday(0) + "\",\"hours\":\"4\"}")
                .contains("\"" + tuesday(1) + "\"");
        tell(1, Map.of());
        assertThat(payments.of(claim.id()).stream().filter(each -> each.time().equals(week(1))))
                .extracting(Payment::state)
                .containsExactly(Payment.State.STOPPED);
    }

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

    @AfterMethod(alwaysRun = true)
    void answers() {
        moods.set(Service.BANK, Mood.ANSWERS);
    }

    private Payment first() {
        return payments.of(claim.id()).getFirst();
    }

    @Test
    public void whoGoesBackEarlierIsPaidUpToThatDayAndTellsNoLaterWeeks() throws Exception {
        assertThat(endOn(first.plusWeeks(WEEKS))).isEqualTo(422);
        assertThat(endOn(first.minusDays(1))).isEqualTo(422);
        assertThat(endOn(tuesday(5).minusDays(1))).isEqualTo(200);
        assertThat(payments.of(claim.id()))
                .filteredOn(payment -> payment.state() == Payment.State.STOPPED)
                .extracting(Payment::time)
                .containsExactly(week(5), week(6), week(7));
        assertThat(answer(get(path())).path("weeks").valueStream())
                .extracting(week -> week.path("state").asString())
                .endsWith("TO_COME", "STOPPED", "STOPPED");
        await("weeks that are over are asked for", () -> open().size() == WEEKS_AGO);
        assertThat(endOn(tuesday(1))).isEqualTo(200);
        assertThat(open())
                .as("of those that are over, two begin after the last day")
                .hasSize(2);
        assertThat(endOn(tuesday(5)))
                .as("there is no more to be had without applying")
                .isEqualTo(422);
        assertThat(dossier(claim)
                        .run()
                        .determination()
                        .outcomes()
                        .getFirst()
                        .more()
                        .get("granted"))
                .hasToString("Decimal[number=0.40]");
        worker = person(Role.APPLICANT);
        assertThat(endOn(tuesday(2))).isEqualTo(404);
    }

    private int endOn(LocalDate day) throws Exception {
        return http.perform(put("/api/my/claims/" + claim.id() + "/last-day")
                        .contentType("application/json")
                        .content("{\"day\":\"" + day + "\"}")
                        .with(as(worker))
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    @Test
    public void hoursThatCannotBeAreRefusedAtTheirDayAndAnothersWeeksAreNotThere() throws Exception {
        assertThat(refused(0, tuesday(0), "9")).contains("422", "hours/" + tuesday(0), "you work 8 hours");
        assertThat(refused(0, tuesday(0), "many")).contains("422");
        assertThat(refused(0, tuesday(0).plusDays(4), "1")).contains("422");
        assertThat(refused(WEEKS - 1, tuesday(WEEKS - 1), "1")).contains("409", "not-over");
        assertThat(refused(WEEKS, tuesday(WEEKS), "1")).contains("404");
        worker = person(Role.APPLICANT);
        assertThat(refused(0, tuesday(0), "1")).contains("404");
    }

    @Test
    public void hoursThatNobodyCertifiedAreListedUntilACaseworkerLooked() throws Exception {
        first = clock.today().with(TemporalAdjusters.next(DayOfWeek.MONDAY));
        claim = answered(planned());
        others.answer(
                claim.id(),
                "care-provider",
                Map.of(
                        "needed",
                        "YES",
                        "from",
                        first.toString(),
                        "until",
                        tuesday(1).toString(),
                        "careHours",
                        "6"));
        decisions.decide(taken(caseworker, claim), "", "Seen at the counter.", caseworker);
        tellLater(1, Map.of(tuesday(1), "6"));
        assertThat(beyond()).isEmpty();
        tellLater(1, Map.of(tuesday(1), "4", tuesday(1).plusDays(1), "2.5"));
        assertThat(beyond())
                .extracting(each -> each.path("beyond").toString())
                .containsExactly("{\"told\":\"6.5\",\"certified\":\"6\",\"days\":[\""
                        + tuesday(1).plusDays(1) + "\"]}");
        String path = "/api/claims/" + claim.id() + "/hours/" + first.plusWeeks(1) + "/looked-at";
        assertThat(statusOf(post(path).content("{\"reason\":\" \"}"))).isEqualTo(422);
        assertThat(beyond()).hasSize(1);
        assertThat(statusOf(post(path).content("{\"reason\":\"The practice was called.\"}")))
                .isEqualTo(200);
        assertThat(beyond()).isEmpty();
    }

    /** On the Monday after it. */
    private void tellLater(int week, Map<LocalDate, String> hours) {
        clock.at(first.plusWeeks(week + 1).atTime(9, 0), () -> {
            try {
                return tell(week, hours);
            } catch (Exception e) {
                throw new AssertionError(e);
            }
        });
    }

    private List<JsonNode> beyond() throws Exception {
        return JsonColumn.read(http.perform(get("/api/day-sheet/hours-beyond").with(as(caseworker)))
                        .andReturn()
                        .getResponse()
                        .getContentAsString(StandardCharsets.UTF_8))
                .valueStream()
                .filter(each -> each.path("claim").asString().equals(claim.id().toString()))
                .toList();
    }

    private int statusOf(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request.contentType("application/json")
                        .with(as(caseworker))
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    private JsonNode tell(int week, Map<LocalDate, String> hours) throws Exception {
        return JsonColumn.read(told(week, hours));
    }

    private String refused(int week, LocalDate day, String hours) throws Exception {
        return told(week, Map.of(day, hours));
    }

    private String told(int week, Map<LocalDate, String> hours) throws Exception {
        ObjectNode wish = JsonColumn.object();
        ObjectNode days = wish.putObject("hours");
        hours.forEach((day, text) -> days.put(day.toString(), text));
        return http.perform(put(path() + "/" + first.plusWeeks(week))
                        .contentType("application/json")
                        .content(wish.toString())
                        .with(as(worker))
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
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
        database.sql("""
                        update scheduled_tasks set execution_time = now() where task_name = 'pay'
                          and exists (select from payment p where p.claim_id = ? and p.paid_for = ? and task_instance like p.id || '-%')""").params(claim.id(), week(week).toString()).update();
        await(
                "it is booked",
                () -> payments.of(claim.id()).stream()
                        .anyMatch(each -> each.time().equals(week(week)) && each.state() == Payment.State.BOOKED));
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

    private List<String> amountsOf(int week) {
        return payments.of(claim.id()).stream()
                .filter(each -> each.time().equals(week(week)))
                .map(each -> each.amount().toString())
                .toList();
    }

    private List<Ask> open() {
        return asks.of(claim.id()).stream()
                .filter(ask -> ask.kind() == Ask.Kind.HOURS && ask.state().isOpen())
                .toList();
    }

    private PaidFor week(int week) {
        return new PaidFor.Week(first.plusWeeks(week));
    }

    private LocalDate tuesday(int week) {
        return first.plusWeeks(week).plusDays(1);
    }

    private String path() {
        return "/api/my/claims/" + claim.id() + "/hours";
    }
}
