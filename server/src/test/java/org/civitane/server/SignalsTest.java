package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.doubts.Doubt;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What speaks against a claim: what it shares with others, how often that was wrong, and many asked at once. */
public class SignalsTest extends IdentityTest {
    @Autowired
    private JdbcClient database;

    @Test
    public void aRegisterThatSaysDeceasedAndManyClaimsInAnHourSpeakAgainstAClaim() {
        database.sql(
                        "update register_request set answer = '{\"known\":true,\"deceasedOn\":\"2026-03-01\"}' where claim_id = ? and register = 'civil'")
                .param(claim.id())
                .update();
        String device = UUID.randomUUID().toString();
        for (int i = 0; i < 5; i++) {
            ClaimView each = i == 0 ? claim : shares("+99955" + System.nanoTime() % 10_000_000);
            database.sql(
                            "insert into claim_origin (claim_id, device) values (?, ?) on conflict (claim_id) do update set device = excluded.device")
                    .params(each.id(), device)
                    .update();
        }
        JsonNode view = signals(claim);
        assertThat(ofKind(view, "DECEASED").path("facts").asString()).contains("1 March 2026");
        assertThat(ofKind(view, "HOUR").path("facts").asString()).startsWith("5 claims came from this device");
        assertThat(ofKind(view, "DEVICE").path("facts").asString()).startsWith("4 other claims were");
    }

    @Test
    public void howOftenASignalWasWrongIsToldFromWhatPeopleAnswered() {
        String phone = "+99955" + System.nanoTime() % 10_000_000;
        ClaimView shared = shares(phone);
        shares(phone);
        doubts.ask(taken(caseworker, shared), Doubt.Occasion.DOUBTED, "Another gave this telephone.", caseworker);
        int before = asked(signals(shared));
        doubts.disown(accounts.account(shared.applicant()), shared.id());
        assertThat(asked(signals(shared))).isEqualTo(before + 1);
    }

    @Test
    public void whatWasDismissedOnceSpeaksAgainstNobodyWhoSharesItLater() {
        String phone = "+99955" + System.nanoTime() % 10_000_000;
        ClaimView first = shares(phone);
        ClaimView second = shares(phone);
        acts.take(first.id(), caseworker);
        acts.take(second.id(), caseworker);
        JsonNode found = signals(first);
        JsonNode signal = ofKind(found, "PHONE");
        assertThat(signal.path("facts").asString()).isEqualTo("One other claim gives this telephone.");
        assertThat(found.path("claims")).hasSize(2);
        assertThat(desk.post(
                                "/api/claims/" + first.id() + "/signals/dismiss",
                                "{\"signal\":\"%s\",\"reason\":\"It is the hostel's.\"}"
                                        .formatted(signal.path("id").asString()))
                        .status())
                .isEqualTo(200);
        ClaimView third = shares(phone);
        assertThat(ofKind(signals(third), "PHONE").path("dismissed").asString()).contains("It is the hostel's.");
    }

    @Test
    public void aSupervisorAsksManyUnderOneReasonAndSeesBeforeWhatItCostsThem() {
        String phone = "+99955" + System.nanoTime() % 10_000_000;
        ClaimView one = shares(phone);
        ClaimView other = shares(phone);
        acts.take(one.id(), caseworker);
        acts.take(other.id(), caseworker);
        Visitor supervisor = new Visitor(PORT, person(Role.SUPERVISOR).email());
        String those = "\"claims\":[\"%s\",\"%s\"]".formatted(one.id(), other.id());
        JsonNode preview = json(supervisor.post("/api/misuse/ask/preview", "{" + those + "}"));
        assertThat(preview).hasSize(2).allMatch(each -> each.path("may").asBoolean());
        assertThat(preview.path(0).path("costs").asString()).startsWith("Is asked to answer by");
        assertThat(doubts.of(one.id())).isEmpty();
        assertThat(desk.post("/api/misuse/ask", "{" + those + ",\"why\":\"x\"}").status())
                .isEqualTo(403);
        supervisor.post("/api/misuse/ask", "{" + those + ",\"why\":\"Several people give this telephone.\"}");
        for (ClaimView each : new ClaimView[] {one, other}) {
            assertThat(doubts.of(each.id()).orElseThrow().state()).isEqualTo(Doubt.State.ASKED);
        }
        assertThat(json(supervisor.post("/api/misuse/ask/preview", "{" + those + "}")))
                .noneMatch(each -> each.path("may").asBoolean());
    }

    @Test
    public void theSameZoneUnderAnotherNameIsNoticed() {
        say("YES");
        byte[] picture = sendUntilItCounts("PASSPORT");
        handIn(applicant.displayName());
        ClaimView first = claim;
        database.sql("update zone_seen set name = 'SOMEBODY ELSE' where claim_id = ?")
                .param(first.id())
                .update();
        askWhoTheyAre();
        say("YES");
        send("PASSPORT", "", picture);
        read();
        handIn(applicant.displayName());
        assertThat(ofKind(signals(claim), "ZONE").path("weight").asString()).contains("a document has one holder");
    }

    /** How many people were asked because of a telephone, and have answered. */
    private int asked(JsonNode view) {
        String record = ofKind(view, "PHONE").path("record").asString();
        if (record.startsWith("Nobody")) {
            return 0;
        }
        String times = record.replaceAll("^Asked because of this (once|\\d+ times).*$", "$1");
        return times.equals("once") ? 1 : Integer.parseInt(times.replace(" times", ""));
    }

    private ClaimView shares(String phone) {
        SignedIn someone = person(Role.APPLICANT);
        ObjectNode answers = answers(someone);
        answers.putObject("contact").put("phone", phone);
        return handIn(someone, answers);
    }

    private JsonNode signals(ClaimView of) {
        return json(desk.get("/api/claims/" + of.id() + "/signals"));
    }

    private static JsonNode ofKind(JsonNode view, String kind) {
        return view.path("signals")
                .valueStream()
                .filter(each -> each.path("kind").asString().equals(kind))
                .findFirst()
                .orElseThrow();
    }
}
