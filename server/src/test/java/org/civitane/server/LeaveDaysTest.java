package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import org.civitane.core.reasoning.FactPath;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** The days of a leave: painted while applying, and said anew before the decision. */
public class LeaveDaysTest extends LeaveStory {
    @Autowired
    private Settlements settlements;

    @Autowired
    private Decisions decisions;

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
}
