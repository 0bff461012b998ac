package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.asks.Ask;
import org.civitane.server.papers.Paper;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A caseworker looks at who someone is: the grid, the line, and originals. */
public class IdentityDeskTest extends IdentityTest {
    @Autowired
    private JdbcClient database;

    @Test
    public void theGridPutsSaidOnRecordAndEachDocumentSideBySide() {
        handInBoth();
        JsonNode grid = grid();
        assertThat(grid.path("onceAccepted").asString()).isEqualTo("CONFIRMED");
        JsonNode name = row(grid, "NAME");
        assertThat(name.path("said").asString()).isEqualTo(applicant.displayName());
        assertThat(name.path("cells")).hasSize(2);
        assertThat(name.path("cells").path(0).path("text").asString()).isEqualTo(applicant.displayName());
        assertThat(name.path("cells")
                        .path(0)
                        .path("place")
                        .path("at")
                        .path("width")
                        .asDouble())
                .isGreaterThan(0.05);
        JsonNode zone = grid.path("columns").path(0).path("zone");
        assertThat(zone.path("fields"))
                .hasSize(5)
                .allMatch(field -> field.path("right").asBoolean());
        assertThat(zone.path("born").asString()).isEqualTo("2 March 1988");
        assertThat(grid.path("answered").path("number").asString()).startsWith("ID-");
    }

    @Test
    public void theVerdictFollowsEachDocumentThatIsAccepted() {
        handInBoth();
        JsonNode before = grid();
        assertThat(before.path("result").asString()).isNotEqualTo("CONFIRMED");
        accept(before, 0);
        JsonNode after = accept(before, 1);
        assertThat(after.path("result").asString()).isEqualTo("CONFIRMED");
        assertThat(after.path("leadsTo").asString()).contains("goes on");
        assertThat(inLine()).doesNotContain(claim.id());
    }

    @Test
    public void aDocumentSentBackIsAskedForAloneWithThePlaceOfWhatIsWrong() {
        handInBoth();
        String bill = grid().path("columns").path(1).path("paper").asString();
        desk.post(
                "/api/claims/" + claim.id() + "/identity/send-back",
                "{\"paper\":\"%s\",\"reason\":\"The day is cut off.\",\"at\":{\"left\":0.1,\"top\":0.2,\"width\":0.3,\"height\":0.1}}"
                        .formatted(bill));
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.WAITING);
        JsonNode mine = identity();
        assertThat(mine.path("step").asString()).isEqualTo("ASKED");
        JsonNode sentBack = mine.path("documents").path(1);
        assertThat(sentBack.path("reason").asString()).isEqualTo("The day is cut off.");
        assertThat(sentBack.path("faultAt").path("width").asDouble()).isEqualTo(0.3);
        sendUntilItCounts("LEASE");
        assertThat(read().path("enough").asBoolean()).isTrue();
        assertThat(handIn(applicant.displayName()).path("receipt").path("sent")).hasSize(1);
        assertThat(dossier(claim).papers())
                .extracting(Paper::state)
                .containsExactly(Paper.State.RECEIVED, Paper.State.SENT_BACK, Paper.State.RECEIVED);
    }

    @Test
    public void whatIsTypedInThePlaceOfADayIsNoDayAndBreaksNothing() {
        handInBoth();
        String passport = grid().path("columns").path(0).path("paper").asString();
        assertThat(desk.post(
                                "/api/claims/" + claim.id() + "/papers/" + passport + "/shown",
                                "{\"page\":1,\"values\":{\"name\":\"%s\",\"expiresOn\":\"soon\"}}"
                                        .formatted(applicant.displayName()))
                        .status())
                .isEqualTo(200);
        JsonNode grid = grid();
        assertThat(grid.path("columns").path(0).path("faults").toString()).contains("It cannot be read.");
        assertThat(grid.path("result").asString()).isNotEqualTo("CONFIRMED");
    }

    @Test
    public void anOriginalSeenAtTheCounterCountsAsDocumentsDo() {
        for (String type : new String[] {"DRIVING_LICENCE", "LEASE"}) {
            assertThat(counter(type, applicant.displayName()).status()).isEqualTo(200);
        }
        assertThat(grid().path("result").asString()).isEqualTo("CONFIRMED");
        assertThat(counter("PERSON_NUMBER_CARD", applicant.displayName()).status())
                .isEqualTo(422);
        assertThat(desk.post("/api/claims/" + claim.id() + "/identity/compared", "{\"words\":\"The same face.\"}")
                        .status())
                .isEqualTo(200);
        assertThat(grid().path("compared").path(0).path("words").asString()).isEqualTo("The same face.");
    }

    @Test
    public void theLineHoldsWhatCameAndSaysWhetherItIsEnough() {
        assertThat(inLine()).doesNotContain(claim.id());
        handInBoth();
        await("it is in the line", () -> inLine().contains(claim.id()));
        JsonNode mine = line(claim.id());
        assertThat(mine.path("enough").asBoolean()).isTrue();
        assertThat(mine.path("mine").asBoolean()).isTrue();
    }

    @Test
    public void theyAreRemindedSevenAndTwoDaysBefore() {
        LocalDate due = doubts.of(claim.id()).orElseThrow().dueOn();
        List<String> days = database.sql(
                        "select right(task_instance, 10) from scheduled_tasks where task_name = 'remind-of-ask' and task_instance like ? order by 1")
                .param(asks.open(claim.id(), Ask.Kind.DOUBT).orElseThrow().id() + "@%")
                .query(String.class)
                .list();
        assertThat(days)
                .containsExactly(
                        BusinessCalendar.rolledBack(due.minusDays(7)).toString(),
                        BusinessCalendar.rolledBack(due.minusDays(2)).toString());
    }

    private Visitor.Answer counter(String type, String name) {
        return desk.post(
                "/api/claims/" + claim.id() + "/identity/counter",
                "{\"documentType\":\"%s\",\"name\":\"%s\",\"dateOfBirth\":\"1988-03-02\",\"expiresOn\":\"%s\",\"number\":\"X1\",\"compared\":\"The photo with the person.\"}"
                        .formatted(type, name, clock.today().plusYears(2)));
    }

    private JsonNode accept(JsonNode grid, int column) {
        return json(desk.post(
                "/api/claims/" + claim.id() + "/identity/accept",
                "{\"paper\":\""
                        + grid.path("columns").path(column).path("paper").asString() + "\"}"));
    }

    private static JsonNode row(JsonNode grid, String kind) {
        return grid.path("rows")
                .valueStream()
                .filter(row -> row.path("kind").asString().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    private List<UUID> inLine() {
        return json(desk.get("/api/identities"))
                .valueStream()
                .map(each -> UUID.fromString(each.path("claim").asString()))
                .toList();
    }

    private JsonNode line(UUID id) {
        return json(desk.get("/api/identities"))
                .valueStream()
                .filter(each -> each.path("claim").asString().equals(id.toString()))
                .findFirst()
                .orElseThrow();
    }
}
