package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.intake.Drafts;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.IntNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever can be handed in can be opened by everyone whom it concerns, however odd its figures and days are. */
public class OpenableTest extends LeaveStory {
    private static final int TIMES = 25;
    private static final int MOST_FACTS = 3;

    @Autowired
    @Qualifier("requestMappingHandlerMapping") private RequestMappingHandlerMapping mappings;

    @DataProvider
    Object[][] programmes() {
        return new Object[][] {{"school-meals"}, {"food-assistance"}, {"rent-arrears"}, {"paid-leave"}};
    }

    @Test
    public void aLeaveWhoseBenefitsBeginAfterItsEndCanBeOpened() throws Exception {
        ObjectNode said = leave(2).put("benefitsBegin", start.plusDays(60).toString());
        ClaimView claim = drafts.handInAnswers(worker, "paid-leave", said, signing(worker));
        List<String> faults = new ArrayList<>();
        open(worker, claim, "benefits begin after the end", faults);
        assertThat(faults).isEmpty();
    }

    @Test(dataProvider = "programmes")
    public void whatWasHandedInCanBeOpened(String programme) throws Exception {
        Random random = new Random(programme.hashCode());
        List<String> faults = new ArrayList<>();
        int taken = 0;
        for (int i = 0; i < TIMES; i++) {
            SignedIn applicant = programme.equals("paid-leave") ? worker : person(Role.APPLICANT);
            ObjectNode said = said(programme, applicant);
            List<String> spoilt = new ArrayList<>();
            for (int fact = 0; fact <= random.nextInt(MOST_FACTS); fact++) {
                spoil(said, "", random, spoilt);
            }
            try {
                ClaimView claim = drafts.handInAnswers(applicant, programme, said, signing(applicant));
                open(applicant, claim, programme + " " + spoilt, faults);
                taken++;
            } catch (Problem e) {
                assertThat(e.code()).as(spoilt.toString()).isNotBlank();
            } catch (RuntimeException e) {
                faults.add(programme + " " + spoilt + " cannot be handed in: " + e);
            }
        }
        assertThat(faults).isEmpty();
        assertThat(taken).as("how many were taken in").isPositive();
    }

    /** Every page of a claim that anybody may open. */
    private void open(SignedIn applicant, ClaimView claim, String what, List<String> faults) throws Exception {
        SignedIn supervisor = person(Role.SUPERVISOR);
        for (Endpoints.Call call : Endpoints.of(mappings)) {
            boolean mine = call.path().startsWith("/api/my/claims/{id}");
            if (call.method().equals("GET")
                    && (mine || call.path().startsWith("/api/claims/{id}"))
                    && call.path().indexOf('{') == call.path().lastIndexOf('{')) {
                String path = call.path().replace("{id}", claim.id().toString());
                int status = statusOf(path, mine ? applicant : supervisor);
                if (status >= 500) {
                    faults.add(what + ": " + path + " " + status);
                }
            }
        }
        int list = statusOf("/api/my/claims", applicant);
        if (list != 200) {
            faults.add(what + ": /api/my/claims " + list);
        }
    }

    private int statusOf(String path, SignedIn who) throws Exception {
        return http.perform(get(path).with(as(who))).andReturn().getResponse().getStatus();
    }

    private static Drafts.Signing signing(SignedIn who) {
        return new Drafts.Signing(who.displayName(), Optional.of("8903"));
    }

    private ObjectNode said(String programme, SignedIn applicant) {
        return switch (programme) {
            case "rent-arrears" -> rentAnswers(applicant);
            case "food-assistance" -> foodAnswers(applicant);
            case "paid-leave" -> leave(2);
            default -> answers(applicant);
        };
    }

    private ObjectNode foodAnswers(SignedIn applicant) {
        ObjectNode answers = answers(applicant);
        answers.path("members").valueStream().forEach(member -> ((ObjectNode) member).remove("pupil"));
        answers.putArray("resources");
        answers.putArray("expenses")
                .addObject()
                .put("kind", "RENT")
                .put("amount", "700.00")
                .put("frequency", "MONTHLY");
        return answers;
    }

    /** Puts another value of its kind in the place of one that is there. */
    private void spoil(ObjectNode facts, String within, Random random, List<String> spoilt) {
        List<String> names =
                facts.propertyStream().map(java.util.Map.Entry::getKey).toList();
        if (names.isEmpty()) {
            return;
        }
        String name = names.get(random.nextInt(names.size()));
        JsonNode value = facts.path(name);
        String path = within + "/" + name;
        switch (value) {
            case ObjectNode inner -> spoil(inner, path, random, spoilt);
            case ArrayNode list
            when !list.isEmpty() && list.get(0) instanceof ObjectNode first && random.nextInt(4) > 0 ->
                spoil(first, path, random, spoilt);
            default -> {
                JsonNode other = other(value, random);
                spoilt.add(path + " = " + other);
                facts.set(name, other);
            }
        }
    }

    private JsonNode other(JsonNode value, Random random) {
        if (value.isNumber()) {
            return IntNode.valueOf(List.of(0, 1, 13, 999_999).get(random.nextInt(4)));
        }
        String text = value.asString("");
        if (text.matches("\\d{4}-\\d{2}-\\d{2}")) {
            LocalDate today = clock.today();
            return text(List.of(
                            LocalDate.of(1900, 1, 1),
                            LocalDate.of(9999, 12, 31),
                            today.minusDays(400),
                            today.plusDays(400),
                            today)
                    .get(random.nextInt(5))
                    .toString());
        }
        if (text.matches("-?\\d+(\\.\\d+)?")) {
            return text(List.of("0.00", "0.01", "99999999.99", "24.00").get(random.nextInt(4)));
        }
        return value.isArray()
                ? JsonColumn.object().arrayNode()
                : text(random.nextBoolean() ? "" : UUID.randomUUID().toString());
    }
}
