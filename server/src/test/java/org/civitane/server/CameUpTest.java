package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.civitane.server.contact.Messages;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.following.FollowUp;
import org.civitane.server.following.FollowUps;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What comes up on a decided claim stands on the day sheet and at its desk, all of it, until each was looked at. */
public class CameUpTest extends HandedIn {
    @Autowired
    private Decisions decisions;

    @Autowired
    private Messages messages;

    @Autowired
    private FollowUps followUps;

    @Autowired
    private JdbcClient database;

    @BeforeMethod
    void decide() {
        claim = taken(caseworker, claim);
        decisions.decide(claim, "", "Seen at the counter.", caseworker);
    }

    @Test
    public void nothingIsInTheWayOfWhatIsDecided() {
        assertThat(cameUp()).isEmpty();
        assertThat(desk().path("strip").path("sentence").asString()).startsWith("Decided; the letter is");
    }

    @Test
    public void aMessageAfterTheDecisionIsNotMissed() {
        messages.write(claims.claim(claim.id()), "When will the money come?", applicant);
        assertThat(cameUp()).containsExactly("Wrote to you: one message unread");
        assertThat(desk().path("strip").path("sentence").asString())
                .isEqualTo("Decided. Something came up since, and is to be looked at below.");
        assertThat(stack()).isEqualTo("CAME_BACK");
        messages.read(claim.id(), true);
        assertThat(cameUp()).isEmpty();
        assertThat(stack()).isEqualTo("none");
    }

    @Test
    public void whatIsSeenToHidesNothingElse() {
        FollowUp due = followUps.of(claim.id()).getFirst();
        database.sql(
                        "update scheduled_tasks set execution_time = now() where task_name = 'follow-up' and task_instance = ?")
                .param(due.id().toString())
                .update();
        jobs.triggerCheckForDueExecutions();
        await("it is due", () -> followUps.of(claim.id()).getFirst().state() == FollowUp.State.DUE);
        messages.write(claims.claim(claim.id()), "When will the money come?", applicant);
        assertThat(cameUp())
                .containsExactly("Wrote to you: one message unread", "Something that follows the decision is due");
        assertThat(desk().path("strip").path("sentence").asString())
                .isEqualTo("Decided. 2 things came up since, and are to be looked at below.");
        messages.read(claim.id(), true);
        assertThat(inWords(claims.claim(claim.id()).nextStep()))
                .isEqualTo("something that follows the decision is due");
        followUps.done(claims.claim(claim.id()), due.id(), "Nothing has changed.", caseworker);
        assertThat(cameUp()).isEmpty();
    }

    private List<String> cameUp() {
        return desk().path("inTheWay")
                .valueStream()
                .map(each -> each.path("title").asString())
                .toList();
    }

    private JsonNode desk() {
        return JsonColumn.readObject(new Visitor(PORT, caseworker.email())
                .get("/api/claims/" + claim.id() + "/desk")
                .body());
    }

    private String stack() {
        return database.sql("select coalesce(stack, 'none') from claim where id = ?")
                .param(claim.id())
                .query(String.class)
                .single();
    }
}
