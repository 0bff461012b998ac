package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.time.LocalDate;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import javax.imageio.ImageIO;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.person.PersonNumber;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.demo.MadeDocument;
import org.civitane.server.documents.Documents;
import org.civitane.server.intake.Drafts;
import org.civitane.server.photos.PhotoTaking;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.CivilRegister;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** People who ask for certificates, and what they and others do with them. */
abstract class CertificateStories extends ServerTest {
    private static final LocalDate BORN = LocalDate.of(1991, 4, 2);

    @Autowired
    protected PhotoTaking photos;

    @Autowired
    private CivilRegister civil;

    @Autowired
    private Decisions decisions;

    @Autowired
    protected Documents documents;

    @Autowired
    protected JdbcClient database;

    @Autowired
    private MockMvc http;

    private final HttpClient browser = HttpClient.newHttpClient();
    protected SignedIn applicant;
    protected SignedIn caseworker;

    @BeforeMethod
    void people() {
        applicant = person(Role.APPLICANT);
        caseworker = person(Role.CASEWORKER);
    }

    /** A certificate that was asked for and that a caseworker has; nothing stands in the way of it. */
    protected ClaimView asked() throws IOException {
        return asked("DESK", "HOLDER");
    }

    /** @param way how it is handed over @param by who fetches it */
    protected ClaimView asked(String way, String by) throws IOException {
        photos.take(applicant.account(), "conduct-certificate", photo());
        String name = applicant.displayName();
        civil.put(new CivilRegister.Entry(
                name.substring(0, name.lastIndexOf(' ')),
                name.substring(name.lastIndexOf(' ') + 1),
                List.of(),
                BORN,
                Optional.of(number()),
                Optional.empty(),
                Optional.empty()));
        ObjectNode answers = certificateAnswers();
        answers.putObject("handover").put("way", way).put("by", by);
        ClaimView claim = answered(drafts.handInAnswers(
                applicant, "conduct-certificate", answers, new Drafts.Signing(name, Optional.empty())));
        return taken(caseworker, claim);
    }

    /** A certificate that was decided, with its fee to be paid. */
    protected ClaimView granted() throws IOException {
        return granted("DESK", "HOLDER");
    }

    protected ClaimView granted(String way, String by) throws IOException {
        ClaimView mine = asked(way, by);
        decisions.decide(mine, "", "Seen at the counter.", caseworker);
        assertThat(claims.claim(mine.id()).state()).isEqualTo(ClaimState.DECIDED);
        return claims.claim(mine.id());
    }

    protected String number() {
        return number(applicant);
    }

    private static String number(SignedIn who) {
        String digits = String.format("%010d", Math.abs((long) who.email().hashCode()));
        return digits + PersonNumber.checkDigit(digits);
    }

    protected ObjectNode certificateAnswers() {
        return certificateAnswers(applicant);
    }

    protected ObjectNode certificateAnswers(SignedIn who) {
        String name = who.displayName();
        String given = name.substring(0, name.lastIndexOf(' '));
        String family = name.substring(name.lastIndexOf(' ') + 1);
        LocalDate today = clock.today();
        ObjectNode answers = JsonColumn.object();
        answers.putArray("members")
                .addObject()
                .setAll(Map.of(
                        "id", text("m1"),
                        "givenName", text(given),
                        "familyName", text(family),
                        "dateOfBirth", text(BORN.toString()),
                        "relationship", text("SELF")));
        MadeDocument passport = MadeDocument.of(
                "PASSPORT",
                new MadeDocument.Of(given, family, BORN, today.minusYears(1), today.plusYears(9), "XH4410927"));
        ObjectNode said = answers.putObject("passport")
                .put("number", "XH4410927")
                .put("name", name)
                .put("dateOfBirth", BORN.toString())
                .put("expiresOn", today.plusYears(9).toString());
        passport.zone().forEach(line -> said.withArray("mrz").add(line));
        answers.putArray("residence").addObject().put("from", "2010-01-01");
        answers.put("purpose", "WORK").put("country", "NO").put("copies", 2).put("fast", true);
        answers.putObject("contact").put("personNumber", number(who)).put("mayLetter", true);
        answers.putObject("photo").put("takenOn", today.minusDays(3).toString());
        answers.putObject("handover").put("way", "DESK").put("by", "HOLDER");
        return answers;
    }

    protected static byte[] photo() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(413, 531, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    protected String payPage(ClaimView claim) throws Exception {
        MockHttpServletResponse answer =
                answer(post("/api/my/claims/" + claim.id() + "/fee/pay").with(csrf()), applicant);
        assertThat(answer.getStatus()).isEqualTo(200);
        return JsonColumn.read(answer.getContentAsString()).path("page").asString();
    }

    /** Whether what came on a claim and is not owed went back. */
    protected boolean goneBack(ClaimView claim) {
        return database.sql("select count(*) from checkout where claim_id = ? and state = 'GIVEN_BACK'")
                        .param(claim.id())
                        .query(Integer.class)
                        .single()
                == 1;
    }

    /** What someone does on the page of the payment service; what is paid is made out. @return the status of the answer */
    protected int did(String page, String how) throws IOException, InterruptedException {
        int status = told(page, how);
        madeOut();
        return status;
    }

    /** Whatever was paid for was made out. */
    protected void madeOut() {
        await(
                "it is made out",
                () -> database.sql("select count(*) from making where state = 'WAITING'")
                                .query(Integer.class)
                                .single()
                        == 0);
    }

    /** What someone does on the page of the payment service. @return the status of the answer */
    protected int told(String page, String how) throws IOException, InterruptedException {
        return browser.send(
                        HttpRequest.newBuilder(URI.create(page))
                                .header("Content-Type", "application/x-www-form-urlencoded")
                                .POST(HttpRequest.BodyPublishers.ofString("how=" + how))
                                .build(),
                        HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    protected JsonNode fee(ClaimView claim) throws Exception {
        return JsonColumn.read(
                answer(get("/api/my/claims/" + claim.id() + "/fee"), applicant).getContentAsString());
    }

    protected MockHttpServletResponse answer(MockHttpServletRequestBuilder request, SignedIn who) throws Exception {
        return http.perform(request.with(as(who))).andReturn().getResponse();
    }

    protected MockHttpServletResponse anyone(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request).andReturn().getResponse();
    }

    /** What the payment service signs a notice with. */
    protected static String signed(byte[] body) throws GeneralSecurityException {
        Mac mac = Mac.getInstance("HmacSHA256");
        mac.init(new SecretKeySpec("server-tests".getBytes(StandardCharsets.UTF_8), "HmacSHA256"));
        return HexFormat.of().formatHex(mac.doFinal(body));
    }
}
