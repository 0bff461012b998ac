package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.civitane.core.calendar.Quarter;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.programme.Determination;
import org.civitane.core.programme.PaidFor;
import org.civitane.core.programme.Status;
import org.civitane.core.programme.paidleave.PaidLeave;
import org.civitane.core.reasoning.Value;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.dossier.Overlap;
import org.civitane.server.following.Payment;
import org.civitane.server.following.Payments;
import org.civitane.server.intake.Drafts;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Problem;
import org.civitane.server.settlements.Settlements;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** A leave, from the worker's word to money by the week: the wages come from the register and from nobody else. */
public class LeaveTest extends LeaveStory {
    @Autowired
    private JdbcClient database;

    @Autowired
    private Settlements settlements;

    @Autowired
    private Decisions decisions;

    @Autowired
    private Payments payments;

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

    @Test
    public void whatOneDoesAndWhereIsFoundWhileOneTypesAndReadsAsItsTitle() throws Exception {
        assertThat(sent("/api/my/occupations", "{\"words\":\"deckhnad\"}")
                        .path(0)
                        .toString())
                .isEqualTo(
                        "{\"value\":\"8350\",\"label\":\"Ships' deck crews and related workers\",\"more\":\"deckhand\"}");
        assertThat(sent("/api/my/employers", "{\"words\":\"skerr fer\"}").valueStream())
                .extracting(each -> each.path("label").asString())
                .containsExactly("Skerrow Ferries", "Skerry Ferries");
        assertThat(sent("/api/my/employers", "{\"words\":\"s\"}").valueStream()).isEmpty();
        ObjectNode answers = leave(2).put("occupation", "8350");
        ClaimView claim = drafts.handInAnswers(
                worker, "paid-leave", answers, new Drafts.Signing(worker.displayName(), Optional.empty()));
        assertThat(dossier(claim).said().json().path("occupation").asString()).isEqualTo("8350");
        assertThatThrownBy(() -> drafts.handInAnswers(
                        worker,
                        "paid-leave",
                        leave(2).put("occupation", "8359"),
                        new Drafts.Signing(worker.displayName(), Optional.empty())))
                .isInstanceOf(Problem.class);
    }

    @Test
    public void whoReportedWagesStandsBesideTheEmployerThatWasNamed() throws Exception {
        assertThat(employer("Skerry Ferries"))
                .contains("\"state\":\"AGREES\"")
                .contains("Skerry Ferries, "
                        + new PaidLeave()
                                .wording(Locale.ENGLISH)
                                .shown(Quarter.of(start).minus(3).firstMonth()));
        assertThat(employer("Tarn Quay Bakery")).contains("\"state\":\"DIFFERS\"", "\"text\":\"Skerry Ferries, ");
    }

    private String employer(String named) throws Exception {
        ObjectNode answers = leave(2);
        answers.putObject("employer").put("name", named);
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView claim = answered(drafts.handInAnswers(
                worker, "paid-leave", answers, new Drafts.Signing(worker.displayName(), Optional.empty())));
        return JsonColumn.read(
                        http.perform(get("/api/claims/" + claim.id() + "/desk").with(as(caseworker)))
                                .andReturn()
                                .getResponse()
                                .getContentAsString(StandardCharsets.UTF_8))
                .path("facts")
                .valueStream()
                .flatMap(group -> group.path("facts").valueStream())
                .filter(fact -> fact.path("path").asString().equals("employer/name"))
                .map(Object::toString)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void theSameDaysInTwoClaimsStandInTheWayOfTheLaterOneUntilAReasonIsGiven() {
        SignedIn caseworker = person(Role.CASEWORKER);
        ClaimView first = taken(caseworker, answered(handIn(2)));
        ClaimView second = taken(caseworker, answered(handIn(3)));
        assertThat(dossier(first).overlaps()).isEmpty();
        assertThat(dossier(second).overlaps())
                .containsExactly(new Overlap(first.number(), start, start.plusDays(11), 10));
        assertThatThrownBy(() -> decisions.decide(second, "", "", caseworker))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("The same days as in " + first.number());
        acts.withdraw(first.id(), worker);
        assertThat(dossier(second).overlaps()).isEmpty();
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
}
