package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.civitane.core.amount.Money;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.programme.PaidFor;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.contact.Messages;
import org.civitane.server.contact.Notices;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.following.Payment;
import org.civitane.server.following.Payments;
import org.civitane.server.intake.Drafts;
import org.civitane.server.ledger.Ledger;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.Bank;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.node.ObjectNode;

/** What people of every programme do at a server, and what must be there afterwards whatever became of it. */
abstract class WorkAtAServer extends Applications {
    private static final int WEEKS = 8;
    private static final int MOST_AT_ONCE = 5;

    @Autowired
    private Decisions decisions;

    @Autowired
    private Notices notices;

    @Autowired
    private Payments payments;

    @Autowired
    private Bank bank;

    @Autowired
    private Ledger ledger;

    @Autowired
    private Papers papers;

    @Autowired
    private Messages messages;

    /**
     * Something that somebody does.
     *
     * @param act does it; whether it was acknowledged
     * @param check what must hold once all came to rest, told whether it was acknowledged
     */
    record Deed(String what, SignedIn who, Predicate<Visitor> act, Consumer<Boolean> check) {}

    /** One of everything. */
    protected List<Deed> deeds() throws IOException {
        people();
        return List.of(
                paysAFee(),
                decides(),
                givesAnAccount(),
                tellsHours(),
                sendsAFixList(),
                answersAFixList(),
                handsIn("school-meals"),
                handsIn("food-assistance"),
                handsIn("rent-arrears"),
                handsIn("paid-leave"),
                uploads(),
                writes());
    }

    private Deed paysAFee() throws IOException {
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

    private Deed decides() {
        ClaimView claim = taken(caseworker);
        String body = "{\"version\":%d,\"reason\":\"\",\"despite\":\"\"}".formatted(claim.version());
        return new Deed(
                "decides",
                caseworker,
                visitor -> visitor.post("/api/claims/" + claim.id() + "/decide", body)
                                .status()
                        == 200,
                acknowledged -> {
                    boolean decided = claims.claim(claim.id()).state() == ClaimState.DECIDED;
                    assertThat(decided || !acknowledged).isTrue();
                    assertThat(decisions.of(claim.id()).isPresent()).isEqualTo(decided);
                    assertThat(notices.of(claim.id()))
                            .hasSize(decided ? 1 : 0)
                            .allMatch(each -> each.state().equals("SENT"));
                    if (decided) {
                        assertThat(decisions.letter(claim.id())).isNotEmpty();
                    }
                });
    }

    private Deed givesAnAccount() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = taken(caseworker, handInForFood(applicant, answers(applicant)));
        decisions.decide(claim, "", "Seen at the counter.", caseworker);
        UUID first = first(claim).id();
        database.sql("update payment set due_on = ? where id = ?")
                .params(clock.today(), first)
                .update();
        String iban = iban(claim.number().replaceAll("\\D", "").substring(2));
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

    private Deed tellsHours() {
        SignedIn worker = worker();
        LocalDate first = clock.today()
                .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY))
                .minusWeeks(4);
        LocalDate tuesday = first.plusDays(1);
        ObjectNode answers = LeaveAnswers.of(answers(worker), first, WEEKS, first.minusDays(60));
        answers.put("pattern", "INTERMITTENT");
        answers.putObject("careProvider").put("name", "Tarn Practice");
        answers.putObject("reach").putObject("care-provider").put("email", "practice." + worker.email());
        for (int week = 0; week < WEEKS; week++) {
            answers.withArray("absences")
                    .addObject()
                    .put("date", tuesday.plusWeeks(week).toString())
                    .put("hours", "8");
        }
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

    private Deed sendsAFixList() {
        ClaimView claim = taken(caseworker);
        String path = "/api/claims/" + claim.id() + "/fix-list";
        return new Deed(
                "sends a fix list",
                caseworker,
                visitor -> saved(visitor, path)
                        && visitor.post(path + "/send", "{\"version\":%d}".formatted(claim.version()))
                                        .status()
                                == 204,
                acknowledged -> {
                    List<Ask> asked = fixLists(claim);
                    assertThat(asked).hasSizeLessThan(2);
                    assertThat(asked.size() == 1 || !acknowledged).isTrue();
                    assertThat(claims.claim(claim.id()).state() == ClaimState.WAITING)
                            .isEqualTo(asked.size() == 1);
                });
    }

    private boolean saved(Visitor visitor, String path) {
        return visitor.send("PUT", path, """
                        {"points":[{"path":"incomes/i1/amount","title":"Pay","reason":"It differs.","good":"What the slip says"}],
                        "dueOn":"%s","then":"DECIDE"}""".formatted(
                                        clock.today().plusDays(7).with(TemporalAdjusters.next(DayOfWeek.WEDNESDAY))))
                        .status()
                == 200;
    }

    private List<Ask> fixLists(ClaimView claim) {
        return asks.of(claim.id()).stream()
                .filter(ask -> ask.kind() == Ask.Kind.FIX_LIST)
                .toList();
    }

    private Deed answersAFixList() {
        ClaimView claim = taken(caseworker);
        SignedIn applicant = accounts.account(claim.applicant());
        Visitor staff = new Visitor(PORT, caseworker.email());
        String path = "/api/claims/" + claim.id() + "/fix-list";
        assertThat(saved(staff, path)).isTrue();
        int version = claims.claim(claim.id()).version();
        assertThat(staff.post(path + "/send", "{\"version\":%d}".formatted(version))
                        .status())
                .isEqualTo(204);
        String answer = "{\"answers\":[{\"path\":\"incomes/i1/amount\",\"value\":\"446.50\"}]}";
        return new Deed(
                "answers a fix list",
                applicant,
                visitor -> visitor.post("/api/my/claims/" + claim.id() + "/fix-list", answer)
                                .status()
                        == 200,
                acknowledged -> {
                    ClaimView now = claims.claim(claim.id());
                    boolean answered = now.edition() == 2;
                    assertThat(now.edition()).isLessThan(3);
                    assertThat(answered || !acknowledged).isTrue();
                    assertThat(fixLists(claim).getFirst().state().isOpen()).isEqualTo(!answered);
                    assertThat(now.state() == ClaimState.WAITING).isEqualTo(!answered);
                });
    }

    private Deed handsIn(String programme) {
        SignedIn applicant = applicantFor(programme);
        UUID draft = draft(applicant, programme, said(programme, applicant));
        String signed = "{\"name\":\"%s\",\"last4\":\"8903\"}".formatted(applicant.displayName());
        return new Deed(
                "hands in for " + programme,
                applicant,
                visitor -> visitor.post("/api/drafts/" + draft + "/hand-in", signed)
                                .status()
                        == 200,
                acknowledged -> {
                    List<ClaimView> there = claims.claimsOf(applicant);
                    assertThat(there.size() == 1 || !acknowledged).isTrue();
                    drafts.handIn(applicant, draft, new Drafts.Signing(applicant.displayName(), Optional.of("8903")));
                    assertThat(claims.claimsOf(applicant)).hasSize(1);
                    answered(claims.claimsOf(applicant).getFirst());
                });
    }

    private Deed uploads() {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView claim = handInForFood(applicant, answers(applicant));
        Set<String> acknowledged = ConcurrentHashMap.newKeySet();
        return new Deed(
                "uploads",
                applicant,
                visitor -> untilItFails(
                        acknowledged,
                        name -> visitor.upload(
                                                "/api/my/claims/" + claim.id() + "/papers?kind=HOUSING_COSTS",
                                                name,
                                                pdf(name))
                                        .status()
                                == 200),
                any -> {
                    assertThat(papers.of(claim.id()))
                            .extracting(Paper::name)
                            .doesNotHaveDuplicates()
                            .containsAll(acknowledged);
                    read(claim);
                });
    }

    private Deed writes() {
        ClaimView claim = taken(caseworker);
        Set<String> acknowledged = ConcurrentHashMap.newKeySet();
        return new Deed(
                "writes",
                accounts.account(claim.applicant()),
                visitor -> untilItFails(
                        acknowledged,
                        words -> visitor.post(
                                                "/api/my/claims/" + claim.id() + "/messages",
                                                "{\"body\":\"%s\"}".formatted(words))
                                        .status()
                                == 200),
                any -> assertThat(messages.of(claim.id()))
                        .extracting(Messages.Message::body)
                        .doesNotHaveDuplicates()
                        .containsAll(acknowledged));
    }

    private static boolean untilItFails(Set<String> acknowledged, Predicate<String> act) {
        Stream.iterate(1, i -> i + 1)
                .map(i -> "lease-" + i + ".pdf")
                .takeWhile(act)
                .limit(MOST_AT_ONCE)
                .forEach(acknowledged::add);
        return !acknowledged.isEmpty();
    }

    protected boolean nothingIsDue() {
        return database.sql("select count(*) from scheduled_tasks where execution_time <= now() or picked")
                        .query(Integer.class)
                        .single()
                == 0;
    }

    private static byte[] pdf(String title) {
        try (PDDocument document = new PDDocument()) {
            document.addPage(new PDPage());
            document.getDocumentInformation().setTitle(title);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
