package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** Whatever can be handed in can be opened by everyone whom it concerns, however odd its figures and days are. */
public class OpenableTest extends Applications {
    private static final int TIMES = 25;

    @Autowired
    @Qualifier("requestMappingHandlerMapping") private RequestMappingHandlerMapping mappings;

    @Autowired
    private MockMvc http;

    private OddAnswers odd;

    @BeforeMethod
    void oddAnswers() {
        odd = new OddAnswers(http, mappings, clock.today());
    }

    @DataProvider
    Object[][] programmes() {
        return programmesWithAForm().stream().map(id -> new Object[] {id}).toArray(Object[][]::new);
    }

    @Test
    public void aLeaveWhoseBenefitsBeginAfterItsEndCanBeOpened() throws Exception {
        SignedIn worker = applicantFor("paid-leave");
        ObjectNode said = said("paid-leave", worker)
                .put("benefitsBegin", clock.today().plusDays(60).toString());
        ClaimView claim = drafts.handInAnswers(worker, "paid-leave", said, signing(worker));
        List<String> faults = new ArrayList<>();
        odd.open(worker, person(Role.SUPERVISOR), claim, "benefits begin after the end", faults);
        assertThat(faults).isEmpty();
    }

    @Test(dataProvider = "programmes")
    public void whatWasHandedInCanBeOpened(String programme) throws Exception {
        Random random = new Random(programme.hashCode());
        List<String> faults = new ArrayList<>();
        int taken = 0;
        for (int i = 0; i < TIMES; i++) {
            SignedIn applicant = applicantFor(programme);
            ObjectNode said = said(programme, applicant);
            List<String> spoilt = odd.spoil(said, random);
            try {
                ClaimView claim = drafts.handInAnswers(applicant, programme, said, signing(applicant));
                odd.open(applicant, person(Role.SUPERVISOR), claim, programme + " " + spoilt, faults);
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

    @Test
    public void whatCannotBeWorkedOutLeavesItsApplicantTheirOtherClaims() throws Exception {
        SignedIn applicant = person(Role.APPLICANT);
        ClaimView broken = handInForFood(applicant, foodAnswers(answers(applicant)));
        ClaimView other = handInForRent(applicant, JsonColumn.object());
        ObjectNode file = JsonColumn.readObject(claims.newestEdition(broken)).put("receivedAt", "1985-01-02T10:00:00");
        file.path("members").forEach(member -> ((ObjectNode) member).put("dateOfBirth", "1950-03-02"));
        try (Connection owner = DriverManager.getConnection(
                        System.getenv("CIVITANE_TEST_DATABASE_URL"),
                        "civitane",
                        System.getenv("CIVITANE_TEST_DATABASE_PASSWORD"));
                PreparedStatement change =
                        owner.prepareStatement("update edition set case_file = ?::jsonb where claim_id = ?")) {
            change.setString(1, file.toString());
            change.setObject(2, broken.id());
            change.executeUpdate();
        }
        assertThat(statusOf("/api/claims/" + broken.id() + "/desk", person(Role.SUPERVISOR)))
                .isEqualTo(409);
        Map<String, String> sentences = new HashMap<>();
        JsonColumn.read(http.perform(get("/api/my/claims").with(as(applicant)))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .forEach(claim -> sentences.put(
                        claim.path("number").asString(), claim.path("sentence").asString()));
        assertThat(sentences).hasSize(2);
        assertThat(sentences.get(broken.number())).startsWith("Nothing can be worked out");
        assertThat(sentences.get(other.number())).doesNotContain("Nothing can be worked out");
    }

    private int statusOf(String path, SignedIn who) throws Exception {
        return http.perform(get(path).with(as(who))).andReturn().getResponse().getStatus();
    }
}
