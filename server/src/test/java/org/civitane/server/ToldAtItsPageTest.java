package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.JsonColumn;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is wrong with an answer is told by the page that asks for it, with its field, and not only at signing. */
public class ToldAtItsPageTest extends Applications {
    @DataProvider
    Object[][] slips() {
        LocalDate today = clock.today();
        return new Object[][] {
            {
                "school-meals",
                "pupils",
                "members",
                slip(said -> said.path("members").forEach(each -> ((ObjectNode) each).remove("pupil")))
            },
            {"rent-arrears", "owed", "arrears", slip(said -> said.remove("arrears"))},
            {"rent-arrears", "owed", "monthsAhead", slip(said -> said.put("monthsAhead", 7))},
            {
                "rent-arrears",
                "hardship",
                "hardship/since",
                slip(said -> said.withObject("hardship").put("since", "2020-03-01"))
            },
            {
                "rent-arrears",
                "home",
                "home/tenantShare",
                slip(said -> said.withObject("home").put("tenantShare", "9000.00"))
            },
            {"rent-arrears", "owed", "arrears", slip(said -> said.putArray("arrears"))},
            {
                "paid-leave",
                "work",
                "notice/on",
                slip(said ->
                        said.withObject("notice").put("on", today.plusDays(40).toString()))
            },
            {"conduct-certificate", "order", "copies", slip(said -> said.put("copies", 9))},
            {
                "conduct-certificate",
                "photo",
                "photo",
                slip(said -> said.putObject("photo")
                        .put("takenOn", today.minusMonths(11).toString()))
            },
            {
                "paid-leave",
                "leave",
                "end",
                slip(said -> said.put("end", today.minusDays(30).toString()))
            },
            {
                "food-assistance",
                "contact",
                "contact/phone",
                slip(said -> said.withObject("contact").put("phone", "0912345"))
            },
            {
                "food-assistance",
                "contact",
                "contact/email",
                slip(said -> said.withObject("contact").put("email", "xx"))
            },
            {
                "food-assistance",
                "contact",
                "contact/personNumber",
                slip(said -> said.withObject("contact").put("personNumber", "12345678901"))
            },
        };
    }

    private static Consumer<ObjectNode> slip(Consumer<ObjectNode> slip) {
        return slip;
    }

    @Test(dataProvider = "slips")
    public void aSlipIsToldByTheChapterThatAsksForIt(
            String programme, String chapter, String path, Consumer<ObjectNode> slip) {
        SignedIn who = applicantFor(programme);
        ObjectNode answers = said(programme, who);
        assertThat(told(who, programme, answers)).as("nothing is wrong yet").isEmpty();
        slip.accept(answers);
        JsonNode fault = told(who, programme, answers).get(path);
        assertThat(fault).as("what is told at %s", path).isNotNull();
        assertThat(fault.path("chapter").asString()).isEqualTo(chapter);
        assertThat(fault.path("sentence").asString()).isNotBlank();
        assertThat(fault.path("label").asString().isBlank()).isEqualTo(chapter.equals("contact"));
    }

    @Test
    public void allThatIsWrongIsToldAtOnce() {
        SignedIn who = applicantFor("conduct-certificate");
        ObjectNode answers = said("conduct-certificate", who).put("copies", 9);
        answers.withObject("contact").put("phone", "0912345").put("email", "xx");
        assertThat(told(who, "conduct-certificate", answers).keySet())
                .containsExactlyInAnyOrder("copies", "contact/phone", "contact/email");
    }

    @Test
    public void aCertificateByMailLacksNothingThatWasNotAskedFor() {
        for (String way : List.of("MAIL", "MAIL_ABROAD")) {
            SignedIn who = applicantFor("conduct-certificate");
            ObjectNode answers = said("conduct-certificate", who);
            answers.putObject("handover").put("way", way);
            String address = way.equals("MAIL") ? "contact/street" : "contact/abroad";
            assertThat(told(who, "conduct-certificate", answers).keySet())
                    .as(way)
                    .containsExactly(address);
            answers.withObject("contact")
                    .put("street", "Tarn Quay")
                    .put("postCode", "2104")
                    .put("abroad", "Storgata 1\n0155 Oslo\nNorway");
            assertThat(told(who, "conduct-certificate", answers)).as(way).isEmpty();
            assertThat(drafts.handInAnswers(who, "conduct-certificate", answers, signing(who))
                            .number())
                    .as(way)
                    .isNotBlank();
        }
    }

    @Test
    public void whatWasHardlyMeantMayStay() {
        SignedIn who = applicantFor("rent-arrears");
        ObjectNode answers = said("rent-arrears", who);
        answers.withObject("hardship").put("since", "2020-03-01");
        JsonNode doubt = told(who, "rent-arrears", answers).get("hardship/since");
        assertThat(doubt.path("mayStay").asBoolean()).isTrue();
        assertThat(doubt.path("sentence").asString()).contains("18 months", "1 March 2020");
        assertThat(drafts.handInAnswers(who, "rent-arrears", answers, signing(who))
                        .number())
                .isNotBlank();
    }

    /** What is told about an application as it was saved, by the path of its field. */
    private Map<String, JsonNode> told(SignedIn who, String programme, ObjectNode answers) {
        String id = draft(who, programme, answers).toString();
        JsonNode faults = JsonColumn.read(
                        new Visitor(PORT, who.email()).get("/api/drafts/" + id).body())
                .path("faults");
        assertThat(faults).isInstanceOf(ArrayNode.class);
        Map<String, JsonNode> told = new HashMap<>();
        faults.forEach(fault -> told.put(fault.path("path").asString(), fault));
        return told;
    }
}
