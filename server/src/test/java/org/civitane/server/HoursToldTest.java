package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import org.civitane.server.access.Role;
import org.civitane.server.following.Payment;
import org.civitane.server.links.SimulatedAnswers;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What is told of a leave after the decision: the hours of each week, an earlier last day, and hours that nobody certified. */
public class HoursToldTest extends HoursToldStory {
    @Autowired
    private SimulatedAnswers others;

    @Test
    public void weeksThatAreOverAreAskedForAndThoseToComeAreNot() throws Exception {
        await("the weeks that are over are asked for", () -> open().size() == WEEKS_AGO);
        assertThat(inWords(open().getFirst().what())).startsWith("the hours you were away in the week from ");
        JsonNode mine = answer(get(path()));
        assertThat(mine.path("weeks").valueStream()).hasSize(WEEKS);
        JsonNode week = mine.path("weeks").path(0);
        assertThat(week.path("total").asString()).isEqualTo("8");
        assertThat(week.path("amount").asString()).isEqualTo("83.00");
        assertThat(week.path("days").valueStream())
                .extracting(day -> day.path("hours").asString())
                .containsExactly("0", "8", "0", "0", "0");
        assertThat(mine.path("weeks").path(WEEKS - 1).path("canTell").asBoolean())
                .isFalse();
        assertThat(answer(get("/api/my/claims"))
                        .path(0)
                        .path("wanted")
                        .path(0)
                        .path("at")
                        .asString())
                .isEqualTo("hours");
    }

    @Test
    public void whatIsToldBeforeTheMoneyLeavesIsPaidAndTheAskIsAnswered() throws Exception {
        await("it is asked for", () -> open().size() == WEEKS_AGO);
        JsonNode now = tell(0, Map.of(tuesday(0), "4", tuesday(0).plusDays(1), "2,5"));
        assertThat(now.path("weeks").path(0).path("state").asString()).isEqualTo("TOLD");
        assertThat(now.path("weeks").path(0).path("total").asString()).isEqualTo("6.5");
        assertThat(open()).hasSize(WEEKS_AGO - 1);
        // 415.00 for 6.5 of 40 hours.
        assertThat(amountsOf(0)).containsExactly("67.43");
        assertThat(dossier(claim).said().json().path("absences").toString())
                .contains("{\"date\":\"" + tuesday(0) + "\",\"hours\":\"4\"}")
                .contains("\"" + tuesday(1) + "\"");
        tell(1, Map.of());
        assertThat(payments.of(claim.id()).stream().filter(each -> each.time().equals(week(1))))
                .extracting(Payment::state)
                .containsExactly(Payment.State.STOPPED);
    }

    @Test
    public void whoGoesBackEarlierIsPaidUpToThatDayAndTellsNoLaterWeeks() throws Exception {
        assertThat(endOn(first.plusWeeks(WEEKS))).isEqualTo(422);
        assertThat(endOn(first.minusDays(1))).isEqualTo(422);
        assertThat(endOn(tuesday(5).minusDays(1))).isEqualTo(200);
        assertThat(payments.of(claim.id()))
                .filteredOn(payment -> payment.state() == Payment.State.STOPPED)
                .extracting(Payment::time)
                .containsExactly(week(5), week(6), week(7));
        assertThat(answer(get(path())).path("weeks").valueStream())
                .extracting(week -> week.path("state").asString())
                .endsWith("TO_COME", "STOPPED", "STOPPED");
        await("weeks that are over are asked for", () -> open().size() == WEEKS_AGO);
        assertThat(endOn(tuesday(1))).isEqualTo(200);
        assertThat(open())
                .as("of those that are over, two begin after the last day")
                .hasSize(2);
        assertThat(endOn(tuesday(5)))
                .as("there is no more to be had without applying")
                .isEqualTo(422);
        assertThat(dossier(claim)
                        .run()
                        .determination()
                        .outcomes()
                        .getFirst()
                        .more()
                        .get("granted"))
                .hasToString("Decimal[number=0.40]");
        worker = person(Role.APPLICANT);
        assertThat(endOn(tuesday(2))).isEqualTo(404);
    }

    private int endOn(LocalDate day) throws Exception {
        return http.perform(put("/api/my/claims/" + claim.id() + "/last-day")
                        .contentType("application/json")
                        .content("{\"day\":\"" + day + "\"}")
                        .with(as(worker))
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    @Test
    public void hoursThatCannotBeAreRefusedAtTheirDayAndAnothersWeeksAreNotThere() throws Exception {
        assertThat(refused(0, tuesday(0), "9")).contains("422", "hours/" + tuesday(0), "you work 8 hours");
        assertThat(refused(0, tuesday(0), "many")).contains("422");
        assertThat(refused(0, tuesday(0).plusDays(4), "1")).contains("422");
        assertThat(refused(WEEKS - 1, tuesday(WEEKS - 1), "1")).contains("409", "not-over");
        assertThat(refused(WEEKS, tuesday(WEEKS), "1")).contains("404");
        worker = person(Role.APPLICANT);
        assertThat(refused(0, tuesday(0), "1")).contains("404");
    }

    @Test
    public void hoursThatNobodyCertifiedAreListedUntilACaseworkerLooked() throws Exception {
        first = clock.today().with(TemporalAdjusters.next(DayOfWeek.MONDAY));
        claim = answered(planned());
        others.answer(
                claim.id(),
                "care-provider",
                Map.of(
                        "needed",
                        "YES",
                        "from",
                        first.toString(),
                        "until",
                        tuesday(1).toString(),
                        "careHours",
                        "6"));
        decisions.decide(taken(caseworker, claim), "", "Seen at the counter.", caseworker);
        tellLater(1, Map.of(tuesday(1), "6"));
        assertThat(beyond()).isEmpty();
        tellLater(1, Map.of(tuesday(1), "4", tuesday(1).plusDays(1), "2.5"));
        assertThat(beyond())
                .extracting(each -> each.path("beyond").toString())
                .containsExactly("{\"told\":\"6.5\",\"certified\":\"6\",\"days\":[\""
                        + tuesday(1).plusDays(1) + "\"]}");
        String path = "/api/claims/" + claim.id() + "/hours/" + first.plusWeeks(1) + "/looked-at";
        assertThat(statusOf(post(path).content("{\"reason\":\" \"}"))).isEqualTo(422);
        assertThat(beyond()).hasSize(1);
        assertThat(statusOf(post(path).content("{\"reason\":\"The practice was called.\"}")))
                .isEqualTo(200);
        assertThat(beyond()).isEmpty();
    }

    /** On the Monday after it. */
    private void tellLater(int week, Map<LocalDate, String> hours) {
        clock.at(first.plusWeeks(week + 1).atTime(9, 0), () -> {
            try {
                return tell(week, hours);
            } catch (Exception e) {
                throw new AssertionError(e);
            }
        });
    }

    private List<JsonNode> beyond() throws Exception {
        return JsonColumn.read(http.perform(get("/api/day-sheet/hours-beyond").with(as(caseworker)))
                        .andReturn()
                        .getResponse()
                        .getContentAsString(StandardCharsets.UTF_8))
                .valueStream()
                .filter(each -> each.path("claim").asString().equals(claim.id().toString()))
                .toList();
    }

    private String refused(int week, LocalDate day, String hours) throws Exception {
        return told(week, Map.of(day, hours));
    }
}
