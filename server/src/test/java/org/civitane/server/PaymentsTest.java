package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.person.Address;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.contact.Messages;
import org.civitane.server.daysheet.DaySheet;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.following.Outbox;
import org.civitane.server.following.Payees;
import org.civitane.server.following.Payment;
import org.civitane.server.following.Payments;
import org.civitane.server.platform.Problem;
import org.civitane.server.standins.Bank;
import org.civitane.server.standins.PostOffice;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What is paid after a decision: to an account that is known, each month once, whatever the bank does. */
public class PaymentsTest extends ServerTest {
    @Autowired
    private Payments payments;

    @Autowired
    private Payees payees;

    @Autowired
    private Outbox outbox;

    @Autowired
    private Decisions decisions;

    @Autowired
    private Messages messages;

    @Autowired
    private DaySheet sheet;

    @Autowired
    private Bank bank;

    @Autowired
    private PostOffice postOffice;

    @Autowired
    private JdbcClient database;

    @Autowired
    private Scheduler jobs;

    private SignedIn applicant;
    private SignedIn caseworker;
    private ClaimView claim;

    @BeforeMethod
    void approve() {
        applicant = person(Role.APPLICANT);
        caseworker = person(Role.CASEWORKER);
        claim = taken(caseworker, handInForFood(applicant, answers(applicant)));
        decisions.decide(claim, "", "Seen at the counter.", caseworker);
    }

    @Test
    public void nothingLeavesUntilTheAccountIsKnownAndThenEachMonthOnce() {
        assertThat(payments.of(claim.id()))
                .hasSizeGreaterThanOrEqualTo(11)
                .allMatch(each -> each.state() == Payment.State.PLANNED);
        assertThat(asks.open(claim.id(), Ask.Kind.ACCOUNT)).isPresent();
        comeTheDay();
        String iban = iban("1234");
        give(applicant, claim.id(), iban.toLowerCase() + " ", "Runa");
        assertThat(asks.open(claim.id(), Ask.Kind.ACCOUNT)).isEmpty();
        await("the first is booked", () -> first().state() == Payment.State.BOOKED);
        assertThat(bank.booked(iban)).hasSize(1);
        assertThat(bank.booked(iban).getFirst().cents())
                .isEqualTo(first().amount().cents());
        assertThat(payments.of(claim.id()).subList(1, 3)).allMatch(each -> each.state() == Payment.State.PLANNED);
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.DECIDED);
    }

    @Test
    public void theLetterSaysWhatIsPaidWhenAndAsksForTheAccount() throws IOException {
        List<Payment> all = payments.of(claim.id());
        Payment next = all.stream()
                .filter(each -> each.due().isAfter(first().due()))
                .findFirst()
                .orElseThrow();
        assertThat(wordsOf(decisions.letter(claim.id())))
                .contains("We pay €" + first().amount() + " for ")
                .contains("After that we pay €" + next.amount() + " on the first business day of each month, from ")
                .contains("Tell us the account under My claims");
        assertThat(decisions.letterText(claim.id()))
                .contains("We pay €" + first().amount() + " for ", "If you disagree")
                .doesNotContain("<html", "<style");
    }

    @Test
    public void whatTheBankHasBookedAlreadyIsNotBookedAgain() {
        comeTheDay();
        String iban = iban("1235");
        Payment first = first();
        bank.transfer(
                first.id() + "-1", new Bank.Order(iban, "Runa", first.amount().cents()));
        give(applicant, claim.id(), iban, "Runa");
        await("it is booked", () -> first().state() == Payment.State.BOOKED);
        assertThat(bank.booked(iban)).hasSize(1);
    }

    @Test
    public void moneyThatComesBackGoesOutAgainToAnotherAccount() {
        comeTheDay();
        give(applicant, claim.id(), iban("99"), "Runa");
        await("it came back", () -> first().state() == Payment.State.RETURNED);
        assertThat(asks.open(claim.id(), Ask.Kind.ACCOUNT)).isPresent();
        String other = iban("1236");
        give(applicant, claim.id(), other, "Runa");
        await("it is booked", () -> first().state() == Payment.State.BOOKED);
        assertThat(bank.booked(other)).hasSize(1);
    }

    @Test
    public void anotherAmountThanWasToldComesToTheDaySheetUntilSomeoneLooked() {
        comeTheDay();
        give(applicant, claim.id(), iban("98"), "Runa");
        await("it is questioned", () -> first().state() == Payment.State.QUESTIONED);
        assertThat(onSheet())
                .filteredOn(row -> row.number().equals(claim.number()))
                .singleElement()
                .matches(DaySheet.Row::decided, "no day of decision hurries it any more");
        assertThatThrownBy(() -> outbox.accept(claim, first().id(), " ", caseworker))
                .isInstanceOf(Problem.class);
        outbox.accept(claim, first().id(), "The bank rounds.", caseworker);
        assertThat(first().state()).isEqualTo(Payment.State.BOOKED);
        assertThat(cameBack()).doesNotContain(claim.number());
        assertThatThrownBy(() -> outbox.accept(claim, first().id(), "Again.", caseworker))
                .isInstanceOf(Problem.class);
    }

    @Test
    public void aPostalOrderIsBroughtOnceAndWhatComesBackGoesElsewhere() {
        comeTheDay();
        String nobodys = "Ferry Stairs " + claim.number() + ", 4999";
        payees.byPost(applicant, claim.id(), "Runa", new Address("Ferry Stairs", claim.number(), "4999"));
        payNow(claim.id());
        await("it came back", () -> first().state() == Payment.State.RETURNED);
        assertThat(asks.open(claim.id(), Ask.Kind.ACCOUNT)).isPresent();
        assertThat(postOffice.brought(nobodys))
                .extracting(PostOffice.Brought::cents)
                .containsExactly(0L);
        payees.byPost(applicant, claim.id(), "Runa", new Address("Ferry Stairs", claim.number(), "2118"));
        payNow(claim.id());
        await("it was brought", () -> first().state() == Payment.State.BOOKED);
        assertThat(postOffice.brought("Ferry Stairs " + claim.number() + ", 2118"))
                .extracting(PostOffice.Brought::cents)
                .containsExactly(first().amount().cents());
        assertThatThrownBy(() -> payees.byPost(applicant, claim.id(), "Runa", new Address("Lane", "1", "0999")))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("from 1000 to 4999");
        assertThatThrownBy(() -> payees.byPost(applicant, claim.id(), " ", new Address("Lane", "1", "2118")))
                .isInstanceOf(Problem.class);
    }

    @Test
    public void anAccountThatIsNoneIsRefusedAtItsField() {
        assertThatThrownBy(() -> give(applicant, claim.id(), "XH12 0001 0000 0000 0000", "Runa"))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("no account number");
        assertThatThrownBy(() -> give(person(Role.APPLICANT), claim.id(), iban("1237"), "Runa"))
                .isInstanceOf(Problem.class);
        assertThat(payments.goesTo(claim.id())).map(Payments.GoesTo::payee).isEmpty();
    }

    @Test
    public void aClaimIsFulfilledWhenAllIsPaidAndTheTimeToObjectIsOver() {
        ClaimView meals = taken(caseworker);
        decisions.decide(meals, "", "Seen.", caseworker);
        ClaimView asking = taken(caseworker);
        decisions.decide(asking, "", "Seen.", caseworker);
        messages.write(claims.claim(asking.id()), "From when on?", applicant);
        database.sql("update claim set stack = null where id = ?")
                .param(asking.id())
                .update();
        database.sql("update claim set decided_at = decided_at - interval '31 days' where id in (?, ?, ?)")
                .params(claim.id(), meals.id(), asking.id())
                .update();
        database.sql("update scheduled_tasks set execution_time = now() where task_name = 'fulfil'")
                .update();
        jobs.triggerCheckForDueExecutions();
        await(
                "what has nothing to follow is fulfilled",
                () -> claims.claim(meals.id()).state() == ClaimState.FULFILLED);
        assertThat(claims.claim(claim.id()).state())
                .as("eleven months are still to be paid")
                .isEqualTo(ClaimState.DECIDED);
        await(
                "what nobody has read is put on the day sheet",
                () -> database.sql("select stack is not null from claim where id = ?")
                        .param(asking.id())
                        .query(Boolean.class)
                        .single());
        assertThat(claims.claim(asking.id()).state()).isEqualTo(ClaimState.DECIDED);
    }

    private Payment first() {
        return payments.of(claim.id()).getFirst();
    }

    /** An account is given, and it is the morning on which what is due today leaves, whatever hour it is. */
    private void give(SignedIn who, UUID id, String iban, String holder) {
        payees.give(who, id, iban, holder);
        payNow(id);
    }

    private void payNow(UUID id) {
        database.sql("""
                        update scheduled_tasks set execution_time = now() where task_name = 'pay'
                          and exists (select from payment p where p.claim_id = ? and p.due_on <= ? and task_instance like p.id || '-%')""").params(id, clock.today()).update();
    }

    /** The first payment is due today, whatever day it is. */
    private void comeTheDay() {
        database.sql("update payment set due_on = ? where id = ?")
                .params(clock.today(), first().id())
                .update();
    }

    private List<String> cameBack() {
        return onSheet().stream().map(DaySheet.Row::number).toList();
    }

    private List<DaySheet.Row> onSheet() {
        return sheet.page(DaySheet.Pile.CAME_BACK, DaySheet.Wanted.of(caseworker.account()), Optional.empty())
                .rows();
    }
}
