package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Optional;
import org.civitane.core.calendar.Quarter;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.programme.Status;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Value;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.following.Payment;
import org.civitane.server.following.Payments;
import org.civitane.server.intake.Drafts;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.civitane.server.standins.WageRegister;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** A leave, from the worker's word to money by the week: the wages come from the register and from nobody else. */
public class LeaveTest extends ServerTest {
    @Autowired
    private MockMvc http;

    @Autowired
    private JdbcClient database;

    @Autowired
    private WageRegister wages;

    @Autowired
    private Settlements settlements;

    @Autowired
    private Decisions decisions;

    @Autowired
    private Payments payments;

    private SignedIn worker;
    private LocalDate start;

    @BeforeMethod
    void earned() {
        worker = person(Role.APPLICANT);
        start = clock.today().with(TemporalAdjusters.next(DayOfWeek.MONDAY));
        report(Quarter.of(start).minus(1).firstMonth(), 3);
        report(Quarter.of(start).minus(3).firstMonth(), 3);
        report(Quarter.of(start).minus(5).firstMonth(), 3);
    }

    @Test
    public void theRegisterSaysWhatWasEarnedInTheQuartersThatCount() {
        ClaimView claim = answered(handIn(2));
        ObjectNode file = settlements.settledCase(claim);
        assertThat(file.path("quarterWages").valueStream())
                .extracting(line -> line.path("quarter").asString() + " "
                        + line.path("amount").asString())
                .containsExactly(
                        Quarter.of(start).minus(3) + " 6000.00",
                        Quarter.of(start).minus(1) + " 6000.00");
        Determination determination = dossier(claim).run().determination();
        assertThat(determination.status()).isEqualTo(Status.DETERMINED);
        assertThat(determination.outcomes().getFirst().result()).isEqualTo("APPROVED");
    }

    @Test
    public void eachWeekIsPaidOnceAfterItAndTheLetterSaysSo() throws IOException {
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView claim = taken(caseworker, answered(handIn(2)));
        decisions.decide(claim, "", "Seen at the counter.", caseworker);
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.DECIDED);
        List<Payment> all = payments.of(claim.id());
        assertThat(all)
                .extracting(Payment::time)
                .containsExactly(new PaidFor.Week(start), new PaidFor.Week(start.plusWeeks(1)));
        assertThat(all)
                .allMatch(payment ->
                        payment.due().isAfter(payment.time().firstDay().plusDays(6)));
        // The employer was told late, which costs a fifth of the first week: 415.00 less 83.00.
        assertThat(all).extracting(payment -> payment.amount().toString()).containsExactly("332.00", "415.00");
        assertThat(wordsOf(decisions.letter(claim.id())))
                .contains("We pay €332.00 for the week from ")
                .contains("Each further week is paid once it is over: €415.00 in all");
    }

    @Test
    public void theStatementOfAYearHasEachBookedWeekWithWhatItComesFrom() throws Exception {
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView claim = taken(caseworker, answered(handIn(2)));
        decisions.decide(claim, "", "Seen at the counter.", caseworker);
        assertThat(tableOf(claim, 2027)).isEqualTo("claim,for,paidOn,amount\r\n");
        database.sql(
                        "update payment set state = 'BOOKED', changed_at = '2027-01-01T00:30:00Z' where claim_id = ? and paid_for = ?")
                .params(claim.id(), start.toString())
                .update();
        database.sql(
                        "update payment set state = 'BOOKED', changed_at = '2027-01-01T01:30:00Z' where claim_id = ? and paid_for = ?")
                .params(claim.id(), start.plusWeeks(1).toString())
                .update();
        // Half past midnight in Greenwich is still the old year in Halvern.
        assertThat(tableOf(claim, 2026))
                .isEqualTo(
                        "claim,for,paidOn,hours,gross,reduction,payable,net,amount\r\n%s,%s,2026-12-31,40,415.00,83.00,332.00,332.00,332.00\r\n"
                                .formatted(claim.number(), start));
        assertThat(tableOf(claim, 2027)).contains(",2027-01-01,40,415.00,415.00,415.00,415.00");
        assertThat(wordsOf(http.perform(get("/api/my/claims/" + claim.id() + "/payments/statement?year=2026")
                                .with(as(worker)))
                        .andReturn()
                        .getResponse()
                        .getContentAsByteArray()))
                .contains("Paid in 2026", "€332.00", "Paid in all: €332.00");
        worker = person(Role.APPLICANT);
        assertThat(tableOf(claim, 2026)).contains("404");
    }

    private String tableOf(ClaimView claim, int year) throws Exception {
        return http.perform(get("/api/my/claims/" + claim.id() + "/payments/table?year=" + year)
                        .with(as(worker)))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    @Test
    public void whoEarnedNothingThereIsToldSoAndNotLeftWaiting() {
        worker = person(Role.APPLICANT);
        ClaimView claim = answered(handIn(2));
        Determination determination = dossier(claim).run().determination();
        assertThat(determination.outcomes().getFirst().result()).isEqualTo("DENIED");
        assertThat(determination.outcomes().getFirst().basis()).isEqualTo("WAGES");
    }

    @Test
    public void leaveOfTheSamePersonBeforeCountsAsGrantedOrAsAskedFor() throws Exception {
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView first = taken(caseworker, answered(handIn(10)));
        ClaimView second = answered(handIn(6));
        assertThat(available(second)).isEqualTo("4.00");
        assertThat(dossier(second).settled().json().path("priorLeave").toString())
                .contains("PENDING");
        decisions.decide(first, "", "Seen at the counter.", caseworker);
        assertThat(dossier(second).settled().json().path("priorLeave").toString())
                .contains("APPROVED");
        assertThat(dossier(second).run().determination().outcomes().getFirst().result())
                .isEqualTo("PART_APPROVED");
        assertThat(available(first)).isEqualTo("14.00");
        String draft =
                sent("/api/drafts", "{\"programme\":\"paid-leave\"}").path("id").asString();
        assertThat(planned(draft, leave(2), "2000")
                        .path("plan")
                        .path("headline")
                        .asString())
                .isEqualTo("0.00 weeks, 0.00 left after it");
        assertThat(available(answered(anothers()))).isEqualTo("14.00");
    }

    private String available(ClaimView claim) {
        return ((Value.Decimal) dossier(claim).run().determination().figures().get("available"))
                .number()
                .toPlainString();
    }

    /** Someone else's leave. */
    private ClaimView anothers() {
        worker = person(Role.APPLICANT);
        return handIn(2);
    }

    @Test
    public void daysAreSaidAnewInAnEditionOfTheirOwnAndWhatWasSettledOfThemStandsNoLonger() throws Exception {
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView claim = taken(caseworker, answered(handIn(2)));
        settle(caseworker, claim, "end", start.plusDays(6).toString());
        JsonNode days = got(claim);
        assertThat(days.path("plan").path("headline").asString()).isEqualTo("2.00 weeks, 12.00 left after it");
        assertThat(days.path("plan").toString()).doesNotContain("€", "\"amount\"");
        ObjectNode other = (ObjectNode) days.path("answers").deepCopy();
        other.put("end", start.plusDays(20).toString());
        assertThat(tried(claim, other).path("plan").path("headline").asString())
                .isEqualTo("3.00 weeks, 11.00 left after it");
        assertThat(claims.claim(claim.id()).edition()).isEqualTo(1);
        JsonNode now = changed(claim, 1, other);
        assertThat(now.path("edition").asInt()).isEqualTo(2);
        assertThat(dossier(claims.claim(claim.id()))
                        .settled()
                        .json()
                        .path("end")
                        .asString())
                .isEqualTo(start.plusDays(20).toString());
        assertThat(changed(claim, 1, other).path("code").asString()).isEqualTo("changed-meanwhile");
        assertThat(changed(claim, 2, other).path("edition").asInt()).isEqualTo(2);
    }

    @Test
    public void onlyTheDaysCanBeSaidAnewOnlyByTheirOwnerAndOnlyBeforeTheDecision() throws Exception {
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView claim = taken(caseworker, answered(handIn(2)));
        ObjectNode other = (ObjectNode) got(claim).path("answers").deepCopy();
        other.put("reason", "SAFETY").putObject("schedule").put("1", "1");
        other.putArray("quarterWages");
        assertThat(changed(claim, 1, other).path("edition").asInt()).isEqualTo(1);
        assertThat(changed(claim, 1, other.deepCopy().put("end", "soon"))
                        .path("path")
                        .asString())
                .isEqualTo("end");
        SignedIn owner = worker;
        worker = person(Role.APPLICANT);
        assertThat(changed(claim, 1, other).path("status").asInt()).isEqualTo(404);
        worker = owner;
        decisions.decide(claim, "", "Seen at the counter.", caseworker);
        assertThat(got(claim).path("canChange").asBoolean()).isFalse();
        assertThat(changed(claim, 1, other.put("end", start.plusDays(20).toString()))
                        .path("status")
                        .asInt())
                .isEqualTo(409);
        assertThat(claims.claim(claim.id()).edition()).isEqualTo(1);
    }

    private JsonNode got(ClaimView claim) throws Exception {
        return answer(get("/api/my/claims/" + claim.id() + "/days"));
    }

    private JsonNode tried(ClaimView claim, JsonNode answers) throws Exception {
        ObjectNode wish = JsonColumn.object();
        wish.set("answers", answers);
        return sent("/api/my/claims/" + claim.id() + "/days/plan", wish.toString());
    }

    private JsonNode changed(ClaimView claim, int edition, JsonNode answers) throws Exception {
        ObjectNode wish = JsonColumn.object().put("edition", edition);
        wish.set("answers", answers);
        return answer(put("/api/my/claims/" + claim.id() + "/days")
                .contentType("application/json")
                .content(wish.toString()));
    }

    private JsonNode answer(MockHttpServletRequestBuilder request) throws Exception {
        return JsonColumn.read(http.perform(request.with(as(worker)).with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8));
    }

    private void settle(SignedIn caseworker, ClaimView claim, String path, String value) {
        settlements.settle(
                claim,
                FactPath.of(path),
                View.TYPED,
                StringNode.valueOf(value),
                "The employer says so.",
                Actor.of(caseworker));
    }

    @Test
    public void paintedDaysAreWorkedOutAsTheyAreAndNothingIsKept() throws Exception {
        String draft =
                sent("/api/drafts", "{\"programme\":\"paid-leave\"}").path("id").asString();
        JsonNode silent = planned(draft, leave(2), "");
        assertThat(silent.path("estimate").path("known").asBoolean()).isFalse();
        assertThat(silent.path("plan").path("headline").asString())
                .as(silent.toString())
                .isEqualTo("2.00 weeks, 12.00 left after it");
        assertThat(silent.path("plan").path("weeks"))
                .hasSize(2)
                .allMatch(week -> week.path("paid").isNull());
        JsonNode earning = planned(draft, leave(2), "2000");
        assertThat(earning.path("estimate").path("detail").asString()).startsWith("About €747.00 for 2.00 weeks");
        assertThat(earning.path("plan")
                        .path("weeks")
                        .path(0)
                        .path("paid")
                        .path("amount")
                        .asString())
                .isEqualTo("332.00");
        assertThat(earning.path("plan").path("told").toString()).contains("€83.00 is taken off");
        assertThat(http.perform(get("/api/drafts/" + draft).with(as(worker)))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .doesNotContain("OWN_HEALTH");
    }

    @Test
    public void whatCannotBeSupposedIsSaidAtItsField() throws Exception {
        String draft =
                sent("/api/drafts", "{\"programme\":\"paid-leave\"}").path("id").asString();
        JsonNode problem = planned(draft, leave(2), "-5");
        assertThat(problem.path("status").asInt()).isEqualTo(422);
        assertThat(problem.path("path").asString()).isEqualTo("wages");
        ObjectNode others = leave(2);
        others.putArray("quarterWages");
        assertThat(planned(draft, others, "").path("status").asInt()).isEqualTo(422);
    }

    private JsonNode planned(String draft, ObjectNode answers, String wages) throws Exception {
        ObjectNode wish = JsonColumn.object();
        wish.set("answers", answers);
        wish.putObject("supposed").put("wages", wages);
        return sent("/api/drafts/" + draft + "/plan", wish.toString());
    }

    private JsonNode sent(String path, String json) throws Exception {
        return answer(post(path).contentType("application/json").content(json));
    }

    private ClaimView handIn(int weeks) {
        return drafts.handInAnswers(
                worker, "paid-leave", leave(weeks), new Drafts.Signing(worker.displayName(), Optional.empty()));
    }

    private ObjectNode leave(int weeks) {
        return LeaveAnswers.of(answers(worker), start, weeks, clock.today());
    }

    private void report(YearMonth first, int months) {
        for (int month = 0; month < months; month++) {
            wages.put(new WageRegister.Entry(
                    worker.displayName(),
                    LocalDate.of(1988, 3, 2),
                    "Skerry Ferries",
                    first.plusMonths(month),
                    "2000.00"));
        }
    }
}
