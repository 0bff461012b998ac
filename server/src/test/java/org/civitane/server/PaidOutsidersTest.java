package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.YearMonth;
import java.util.List;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.person.Iban;
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.Actor;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.following.Payees;
import org.civitane.server.following.Payment;
import org.civitane.server.following.Payments;
import org.civitane.server.platform.Problem;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.civitane.server.standins.Bank;
import org.civitane.server.standins.Mood;
import org.civitane.server.standins.Moods;
import org.civitane.server.standins.Service;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What someone outside the household says month by month beside what was said, and money that goes to them. */
public class PaidOutsidersTest extends LinkTest {
    @Autowired
    private Payments payments;

    @Autowired
    private Payees payees;

    @Autowired
    private Decisions decisions;

    @Autowired
    private Bank bank;

    @Autowired
    private Moods moods;

    @Autowired
    private Settlements settlements;

    @Test
    public void aMonthOfWhichTheLandlordSaysOtherwiseIsADifferenceWithWhatHangsOnIt() {
        signed();
        String last = month(1);
        landlordSays(iban("1301"), "monthsOwed/" + last, "700.00", "monthsOwed/" + month(2), "300.00");
        claim = taken(caseworker, claims.claim(claim.id()));
        JsonNode desk = desk();
        JsonNode same = fact(desk, "arrears/" + last + "/owed");
        assertThat(same.path("state").asString()).isEqualTo("AGREES");
        JsonNode other = fact(desk, "arrears/" + month(2) + "/owed");
        assertThat(other.path("state").asString()).isEqualTo("DIFFERS");
        assertThat(other.path("onRecord").path("text").asString()).isEqualTo("€300.00");
        assertThat(other.path("onRecord").path("note").asString()).isEqualTo("the landlord");
        assertThat(other.path("note").asString()).contains("€350.00 is owed. €350.00 of it is paid");
        assertThat(desk.path("inTheWay").toString()).contains("from €1,000.00 to €1,050.00");
        settle(month(2));
        assertThat(total()).isEqualTo("€1,000.00");
    }

    @Test
    public void aMonthThatOnlyTheLandlordNamesStandsThereAsWell() {
        signed();
        landlordSays(
                iban("1302"),
                "monthsOwed/" + month(1),
                "700.00",
                "monthsOwed/" + month(2),
                "350.00",
                "monthsOwed/" + month(3),
                "90.00");
        claim = taken(caseworker, claims.claim(claim.id()));
        JsonNode fact = fact(desk(), "arrears/" + month(3) + "/owed");
        assertThat(fact.path("state").asString()).isEqualTo("DIFFERS");
        assertThat(fact.has("said") && !fact.path("said").isNull()).isFalse();
        settle(month(3));
        assertThat(total()).isEqualTo("€1,140.00");
    }

    @Test
    public void whatIsNoMonthOrNoAmountIsSaidAtItsQuestion() {
        signed();
        Page page = new Page(linkTo(landlord));
        for (String[] wrong : new String[][] {
            {"monthsOwed/soon", "1.00"}, {"monthsOwed/" + month(1), "lots"}, {"monthsOwed/9999-12", "700.00"}
        }) {
            JsonNode problem = page.say("takesPart", "NO", wrong[0], wrong[1]);
            assertThat(problem.path("path").asString()).as(wrong[0]).isEqualTo("monthsOwed");
        }
    }

    @Test
    public void moneyGoesToTheAccountTheLandlordGaveAndTheApplicantIsAskedForNone() {
        String iban = iban("1303");
        decidedFor(iban);
        assertThat(asks.open(claim.id(), Ask.Kind.ACCOUNT)).isEmpty();
        assertThat(wordsOf(decisions.letter(claim.id())))
                .contains("The money goes to the landlord.", "the account that Tarn Homes named")
                .doesNotContain("Tell us the account", Iban.shown(iban));
        assertThatThrownBy(() -> payees.give(applicant, claim.id(), iban("1304"), "Runa"))
                .isInstanceOf(Problem.class);
        JsonNode mine = json(new Visitor(PORT, applicant.email()).get("/api/my/claims/" + claim.id() + "/payments"));
        assertThat(mine.path("whom").asString()).isEqualTo("the landlord");
        assertThat(mine.toString()).doesNotContain("1303", "Tarn Homes");
        comeTheDay();
        await("both are booked", () -> paid().stream().allMatch(each -> each.state() == Payment.State.BOOKED));
        assertThat(bank.booked(iban)).extracting(Bank.Booking::cents).containsExactlyInAnyOrder(35_000L, 70_000L);
    }

    @Test
    public void whatComesBackIsForACaseworkerAndGoesOutOnceTheyHaveAskedForAnotherAccount() {
        decidedFor(iban("1399"));
        comeTheDay();
        await("it came back", () -> paid().stream().allMatch(each -> each.state() == Payment.State.RETURNED));
        await(
                "it is on the day sheet",
                () -> inWords(claims.claim(claim.id()).nextStep())
                        .startsWith("an account of whoever is paid is wanted"));
        assertThat(asks.open(claim.id(), Ask.Kind.ACCOUNT)).isEmpty();
        String other = iban("1305");
        Visitor desk = new Visitor(PORT, caseworker.email());
        String path = "/api/claims/" + claim.id() + "/account";
        assertThat(desk.send("PUT", path, "{\"iban\":\"XH12\",\"reason\":\"Called.\"}")
                        .status())
                .isEqualTo(422);
        assertThat(desk.send("PUT", path, "{\"iban\":\"%s\",\"reason\":\" \"}".formatted(other))
                        .status())
                .isEqualTo(422);
        JsonNode now = json(
                desk.send("PUT", path, "{\"iban\":\"%s\",\"reason\":\"They told us by telephone.\"}".formatted(other)));
        assertThat(now.path("account").asString()).isEqualTo("1305");
        comeTheDay();
        await("it is booked", () -> paid().stream().allMatch(each -> each.state() == Payment.State.BOOKED));
        assertThat(bank.booked(other)).hasSize(2);
        assertThat(claims.claim(claim.id()).nextStep().isNothing()).isTrue();
    }

    @Test
    public void anAccountThatTheTenantGaveBeforeIsNotTheLandlords() {
        String tenants = iban("1306");
        signed();
        payees.give(applicant, claim.id(), tenants, applicant.displayName());
        claim = taken(caseworker, claims.claim(claim.id()));
        settlements.settle(
                claim,
                FactPath.of("landlord", "takesPart"),
                View.TYPED,
                text("YES"),
                "They said so by telephone.",
                Actor.of(caseworker));
        claim = claims.claim(claim.id());
        decisions.decide(claim, "", "Seen at the counter.", caseworker);
        comeTheDay();
        await(
                "the landlord's account is wanted",
                () -> inWords(claims.claim(claim.id()).nextStep())
                        .startsWith("an account of whoever is paid is wanted"));
        assertThat(paid()).allMatch(each -> each.state() == Payment.State.PLANNED);
        assertThat(bank.booked(tenants)).isEmpty();
        String theirs = iban("1307");
        JsonNode now = takenDown(theirs);
        assertThat(now.path("account").asString()).isEqualTo("1307");
        assertThat(now.path("given").asString()).startsWith("Given by " + caseworker.displayName());
        comeTheDay();
        await("it is booked", () -> paid().stream().allMatch(each -> each.state() == Payment.State.BOOKED));
        assertThat(bank.booked(tenants)).isEmpty();
        assertThat(bank.booked(theirs)).hasSize(2);
    }

    @Test
    public void whatTheBankWasToldStaysWhoeverGivesAnotherAccountMeanwhile() {
        String told = iban("1308");
        decidedFor(told);
        moods.set(Service.BANK, Mood.DOWN);
        try {
            comeTheDay();
            await(
                    "the bank is told",
                    () -> paid().stream().noneMatch(each -> each.iban().isEmpty()));
            assertThat(takenDown(iban("1309")).path("given").asString()).contains("in place of another account");
        } finally {
            moods.set(Service.BANK, Mood.ANSWERS);
        }
        comeTheDay();
        await("it is booked", () -> paid().stream().allMatch(each -> each.state() == Payment.State.BOOKED));
        assertThat(bank.booked(told)).hasSize(2);
        assertThat(paid()).extracting(Payment::iban).containsOnly(told);
    }

    @Test
    public void whatIsDecidedIsNotPaidWhileMisuseIsLookedIntoAndIsOnceItIsOver() {
        String iban = iban("1310");
        decidedFor(iban);
        claims.freeze(claim.id(), Actor.of(caseworker));
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.DECIDED);
        comeTheDay();
        await("nothing is left to do for now", () -> jobsToPay() == 0);
        assertThat(paid()).allMatch(each -> each.state() == Payment.State.PLANNED);
        assertThat(bank.booked(iban)).isEmpty();
        assertThat(json(new Visitor(PORT, applicant.email()).get("/api/my/claims/" + claim.id()))
                        .path("sentence")
                        .asString())
                .contains("nothing is paid");
        claims.release(claim.id(), Actor.of(caseworker));
        comeTheDay();
        await("it is paid", () -> paid().stream().allMatch(each -> each.state() == Payment.State.BOOKED));
        assertThat(bank.booked(iban)).hasSize(2);
    }

    private int jobsToPay() {
        return database.sql("""
                        select count(*) from scheduled_tasks t where task_name = 'pay'
                          and exists (select from payment p where p.claim_id = ? and t.task_instance like p.id || '-%')""").param(claim.id()).query(Integer.class).single();
    }

    private JsonNode takenDown(String iban) {
        return json(new Visitor(PORT, caseworker.email())
                .send(
                        "PUT",
                        "/api/claims/" + claim.id() + "/account",
                        "{\"iban\":\"%s\",\"reason\":\"They told us by telephone.\"}".formatted(iban)));
    }

    private void decidedFor(String iban) {
        signed();
        landlordSays(iban, "monthsOwed/" + month(1), "700.00", "monthsOwed/" + month(2), "350.00");
        claim = taken(caseworker, claims.claim(claim.id()));
        decisions.decide(claim, "", "Seen at the counter.", caseworker);
    }

    private void landlordSays(String iban, String... months) {
        String[] answers = new String[months.length + 4];
        System.arraycopy(new String[] {"takesPart", "YES", "iban", iban}, 0, answers, 0, 4);
        System.arraycopy(months, 0, answers, 4, months.length);
        JsonNode done = new Page(linkTo(landlord)).say(answers);
        assertThat(done.path("receipt").asString()).startsWith("You answered on ");
    }

    private void settle(String month) {
        JsonNode desk = desk();
        String path = "arrears/" + month + "/owed";
        Visitor.Answer answer = new Visitor(PORT, caseworker.email())
                .post(
                        "/api/claims/" + claim.id() + "/settle",
                        "{\"version\":%d,\"path\":\"%s\",\"view\":\"ON_RECORD\",\"value\":%s,\"reason\":\"Their books say so.\"}"
                                .formatted(
                                        desk.path("version").asInt(),
                                        path,
                                        fact(desk, path).path("onRecord").path("value")));
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
    }

    private String total() {
        return dossier(claims.claim(claim.id()))
                .run()
                .places(dossier(claims.claim(claim.id()))
                        .run()
                        .determination()
                        .outcomes()
                        .getFirst())
                .get("total");
    }

    private List<Payment> paid() {
        return payments.of(claim.id());
    }

    private JsonNode desk() {
        return json(new Visitor(PORT, caseworker.email()).get("/api/claims/" + claim.id() + "/desk"));
    }

    private static JsonNode fact(JsonNode desk, String path) {
        return desk.path("facts")
                .valueStream()
                .flatMap(group -> group.path("facts").valueStream())
                .filter(fact -> fact.path("path").asString().equals(path))
                .findFirst()
                .orElseThrow();
    }

    /** So many months ago. */
    private String month(int back) {
        return YearMonth.from(clock.today()).minusMonths(back).toString();
    }

    /** What is planned is due today, whatever day it is. */
    private void comeTheDay() {
        database.sql("update payment set due_on = ? where claim_id = ?")
                .params(clock.today(), claim.id())
                .update();
        database.sql("""
                        update scheduled_tasks set execution_time = now() where task_name = 'pay'
                          and exists (select from payment p where p.claim_id = ? and task_instance like p.id || '-%')""").param(claim.id()).update();
        jobs.triggerCheckForDueExecutions();
    }
}
