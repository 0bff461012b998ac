package org.civitane.server;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.programme.PaidFor;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.following.Payments;
import org.civitane.server.intake.Drafts;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Leave now and then, granted a month ago on Tuesdays that were planned: a day's hours are 83.00. What was missed in
 * each week is told once it is over, and changes what is paid under the same decision.
 */
abstract class HoursToldStory extends LeaveStory {
    protected static final int WEEKS = 8;

    protected static final int WEEKS_AGO = 4;

    @Autowired
    protected Decisions decisions;

    @Autowired
    protected Payments payments;

    protected SignedIn caseworker;

    protected ClaimView claim;

    protected LocalDate first;

    @BeforeMethod
    void granted() {
        caseworker = person(Role.CASEWORKER);
        first = clock.today()
                .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY))
                .minusWeeks(WEEKS_AGO);
        claim = clock.at(first.minusDays(3).atTime(10, 0), () -> answered(planned()));
        clock.at(
                first.minusDays(2).atTime(10, 0),
                () -> decisions.decide(taken(caseworker, claim), "", "Seen at the counter.", caseworker));
    }

    protected ClaimView planned() {
        ObjectNode answers = LeaveAnswers.onTuesdays(
                answers(worker), first, WEEKS, first.minusDays(60), "practice." + worker.email());
        return drafts.handInAnswers(
                worker, "paid-leave", answers, new Drafts.Signing(worker.displayName(), Optional.empty()));
    }

    protected int statusOf(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request.contentType("application/json")
                        .with(as(caseworker))
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    protected JsonNode tell(int week, Map<LocalDate, String> hours) throws Exception {
        return JsonColumn.read(told(week, hours));
    }

    protected String told(int week, Map<LocalDate, String> hours) throws Exception {
        ObjectNode wish = JsonColumn.object();
        ObjectNode days = wish.putObject("hours");
        hours.forEach((day, text) -> days.put(day.toString(), text));
        return http.perform(put(path() + "/" + first.plusWeeks(week))
                        .contentType("application/json")
                        .content(wish.toString())
                        .with(as(worker))
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    protected List<String> amountsOf(int week) {
        return payments.of(claim.id()).stream()
                .filter(each -> each.time().equals(week(week)))
                .map(each -> each.amount().toString())
                .toList();
    }

    protected List<Ask> open() {
        return asks.of(claim.id()).stream()
                .filter(ask -> ask.kind() == Ask.Kind.HOURS && ask.state().isOpen())
                .toList();
    }

    protected PaidFor week(int week) {
        return new PaidFor.Week(first.plusWeeks(week));
    }

    protected LocalDate tuesday(int week) {
        return first.plusWeeks(week).plusDays(1);
    }

    protected String path() {
        return "/api/my/claims/" + claim.id() + "/hours";
    }
}
