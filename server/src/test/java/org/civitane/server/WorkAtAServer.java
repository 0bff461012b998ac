package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.contact.Messages;
import org.civitane.server.contact.Notices;
import org.civitane.server.intake.Drafts;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.springframework.beans.factory.annotation.Autowired;

/** What people of every programme do at a server, and what must be there afterwards whatever became of it. */
abstract class WorkAtAServer extends WorkThatIsPaid {
    private static final int MOST_AT_ONCE = 5;

    @Autowired
    private Notices notices;

    @Autowired
    private Papers papers;

    @Autowired
    private Messages messages;

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

    private Deed sendsAFixList() {
        ClaimView claim = taken(caseworker);
        String path = "/api/claims/" + claim.id() + "/fix-list";
        return new Deed(
                "sends a fix list",
                caseworker,
                visitor -> saved(visitor, path).status() == 200
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

    private Visitor.Answer saved(Visitor visitor, String path) {
        return visitor.send("PUT", path, """
                        {"points":[{"path":"incomes/i1/amount","title":"Pay","reason":"It differs.","good":"What the slip says"}],
                        "dueOn":"%s","then":"DECIDE"}""".formatted(BusinessCalendar.plusBusinessDays(clock.today(), 5)));
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
        Visitor.Answer saved = saved(staff, path);
        assertThat(saved.status()).as(saved.body()).isEqualTo(200);
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
                                                BlankPdf.titled(name))
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
}
