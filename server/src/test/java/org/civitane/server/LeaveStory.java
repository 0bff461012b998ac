package org.civitane.server;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.TemporalAdjusters;
import java.util.Optional;
import org.civitane.core.calendar.Quarter;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.intake.Drafts;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.WageRegister;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A worker whose wages the register knows, and what they send about a leave. */
abstract class LeaveStory extends ServerTest {
    @Autowired
    protected MockMvc http;

    @Autowired
    private WageRegister wages;

    protected SignedIn worker;
    protected LocalDate start;

    @BeforeMethod
    void earned() {
        worker = person(Role.APPLICANT);
        start = clock.today().with(TemporalAdjusters.next(DayOfWeek.MONDAY));
        report(Quarter.of(start).minus(1).firstMonth(), 3);
        report(Quarter.of(start).minus(3).firstMonth(), 3);
        report(Quarter.of(start).minus(5).firstMonth(), 3);
    }

    protected JsonNode answer(MockHttpServletRequestBuilder request) throws Exception {
        return JsonColumn.read(http.perform(request.with(as(worker)).with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8));
    }

    protected JsonNode planned(String draft, ObjectNode answers, String wages) throws Exception {
        ObjectNode wish = JsonColumn.object();
        wish.set("answers", answers);
        wish.putObject("supposed").put("wages", wages);
        return sent("/api/drafts/" + draft + "/plan", wish.toString());
    }

    protected JsonNode sent(String path, String json) throws Exception {
        return answer(post(path).contentType("application/json").content(json));
    }

    protected ClaimView handIn(int weeks) {
        return drafts.handInAnswers(
                worker, "paid-leave", leave(weeks), new Drafts.Signing(worker.displayName(), Optional.empty()));
    }

    protected ObjectNode leave(int weeks) {
        return LeaveAnswers.of(answers(worker), start, weeks, clock.today());
    }

    protected void report(YearMonth first, int months) {
        for (int month = 0; month < months; month++) {
            wages.put(new WageRegister.Entry(
                    worker.displayName(),
                    LocalDate.of(1988, 3, 2),
                    "Skerry Ferries",
                    first.plusMonths(month),
                    "2000.00"));
        }
    }
}
