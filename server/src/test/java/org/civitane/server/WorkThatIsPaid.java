package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.amount.Money;
import org.civitane.core.programme.PaidFor;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.following.Payment;
import org.civitane.server.following.Payments;
import org.civitane.server.intake.Drafts;
import org.civitane.server.ledger.Ledger;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.Bank;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.node.ObjectNode;

/** What people do that is about money: paying a fee, saying where it goes, telling hours that are paid for. */
abstract class WorkThatIsPaid extends Applications {
    private static final int WEEKS = 8;

    @Autowired
    protected Decisions decisions;

    @Autowired
    private Payments payments;

    @Autowired
    private Bank bank;

    @Autowired
    private Ledger ledger;

    protected Deed paysAFee() throws IOException {
        ClaimView claim = granted();
        return new Deed(
                "pays a fee",
                applicant,
                visitor -> {
                    Visitor.Answer answer = visitor.post("/api/my/claims/" + claim.id() + "/fee/pay", "");
                    return answer.status() == 200
                            && paid(JsonColumn.read(answer.body()).path("page").asString());
                },
                acknowledged -> {
                    hearOf(claim);
                    boolean came = database.sql(
                                            "select count(*) from standin_checkout s join checkout c on s.id = c.id::text where c.claim_id = ? and s.state = 'PAID'")
                                    .param(claim.id())
                                    .query(Integer.class)
                                    .single()
                            == 1;
                    assertThat(came || !acknowledged).isTrue();
                    assertThat(documents.of(claim.id())).hasSize(came ? 1 : 0);
                    assertThat(ledger.of(claim.id()).getOrDefault(Ledger.Account.BANK, Money.ZERO))
                            .isEqualTo(came ? Money.parse("48.00") : Money.ZERO);
                });
    }

    /** An hour passed, after which the payment service is asked about what was not heard of. */
    private void hearOf(ClaimView claim) {
        database.sql("update checkout set begun_at = begun_at - interval '2 hours' where claim_id = ?")
                .param(claim.id())
                .update();
        database.sql("update scheduled_tasks set execution_time = now() where task_name = 'ask-unheard'")
                .update();
        await("the service was asked", this::nothingIsDue);
        madeOut();
    }

    private boolean paid(String page) {
        try {
            return told(page, "twice") == 200;
        } catch (IOException e) {
            return false;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    protected Deed givesAnAccount() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = taken(caseworker, handInForFood(applicant, answers(applicant)));
        decisions.decide(claim, "", "Seen at the counter.", caseworker);
        UUID first = first(claim).id();
        database.sql("update payment set due_on = ? where id = ?")
                .params(clock.today(), first)
                .update();
        String iban = iban(claim.number().replaceAll("\\D", "").substring(2) + "1");
        return new Deed(
                "gives an account",
                applicant,
                visitor -> {
                    String wish = "{\"iban\":\"%s\",\"holder\":\"Runa\"}".formatted(iban);
                    boolean given = visitor.send("PUT", "/api/my/claims/" + claim.id() + "/account", wish)
                                    .status()
                            == 200;
                    payNow(first);
                    return given;
                },
                acknowledged -> {
                    payNow(first);
                    await("no payment is due", this::nothingIsDue);
                    boolean given =
                            payments.goesTo(claim.id()).stream().findAny().isPresent();
                    assertThat(given || !acknowledged).isTrue();
                    assertThat(first(claim).state()).isEqualTo(given ? Payment.State.BOOKED : Payment.State.PLANNED);
                    assertThat(bank.booked(iban))
                            .extracting(Bank.Booking::cents)
                            .isEqualTo(given ? List.of(first(claim).amount().cents()) : List.of());
                });
    }

    private Payment first(ClaimView claim) {
        return payments.of(claim.id()).getFirst();
    }

    private void payNow(UUID payment) {
        database.sql(
                        "update scheduled_tasks set execution_time = now() where task_name = 'pay' and not picked and task_instance like ?")
                .param(payment + "-%")
                .update();
    }

    protected Deed tellsHours() {
        SignedIn worker = worker();
        LocalDate first = clock.today()
                .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY))
                .minusWeeks(4);
        LocalDate tuesday = first.plusDays(1);
        ObjectNode answers = LeaveAnswers.onTuesdays(
                answers(worker), first, WEEKS, first.minusDays(60), "practice." + worker.email());
        ClaimView claim = clock.at(
                first.minusDays(3).atTime(10, 0),
                () -> answered(drafts.handInAnswers(
                        worker, "paid-leave", answers, new Drafts.Signing(worker.displayName(), Optional.empty()))));
        clock.at(
                first.minusDays(2).atTime(10, 0),
                () -> decisions.decide(taken(caseworker, claim), "", "Seen at the counter.", caseworker));
        String hours = "{\"hours\":{\"%s\":\"8\",\"%s\":\"4\"}}".formatted(tuesday, tuesday.plusDays(2));
        return new Deed(
                "tells hours",
                worker,
                visitor -> visitor.send("PUT", "/api/my/claims/" + claim.id() + "/hours/" + first, hours)
                                .status()
                        == 200,
                acknowledged -> {
                    Money paid = payments.of(claim.id()).stream()
                            .filter(each -> each.time().equals(new PaidFor.Week(first)))
                            .map(Payment::amount)
                            .reduce(Money.ZERO, Money::plus);
                    assertThat(paid).isIn(Money.parse("83.00"), Money.parse("124.50"));
                    if (acknowledged) {
                        assertThat(paid).isEqualTo(Money.parse("124.50"));
                    }
                });
    }

    protected boolean nothingIsDue() {
        return database.sql("select count(*) from scheduled_tasks where execution_time <= now() or picked")
                        .query(Integer.class)
                        .single()
                == 0;
    }
}
