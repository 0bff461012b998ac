package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
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
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.digitalsignature.PDSignature;
import org.bouncycastle.asn1.ASN1InputStream;
import org.bouncycastle.asn1.cms.ContentInfo;
import org.bouncycastle.cert.X509CertificateHolder;
import org.bouncycastle.cms.CMSProcessableByteArray;
import org.bouncycastle.cms.CMSSignedData;
import org.bouncycastle.cms.CMSSignerDigestMismatchException;
import org.bouncycastle.cms.SignerInformation;
import org.bouncycastle.cms.jcajce.JcaSimpleSignerInfoVerifierBuilder;
import org.civitane.core.amount.Money;
import org.civitane.core.claim.ClaimState;
import org.civitane.core.person.PersonNumber;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.demo.MadeDocument;
import org.civitane.server.documents.Documents;
import org.civitane.server.following.FollowUps;
import org.civitane.server.intake.Drafts;
import org.civitane.server.ledger.Ledger;
import org.civitane.server.photos.Photos;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Problem;
import org.civitane.server.standins.CivilRegister;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A certificate from its application to the page on which it is checked, and its fee in the hands of everybody. */
public class CertificateTest extends ServerTest {
    private static final LocalDate BORN = LocalDate.of(1991, 4, 2);

    @Autowired
    private Photos photos;

    @Autowired
    private CivilRegister civil;

    @Autowired
    private Decisions decisions;

    @Autowired
    private Documents documents;

    @Autowired
    private FollowUps followUps;

    @Autowired
    private Ledger ledger;

    @Autowired
    private JdbcClient database;

    @Autowired
    private MockMvc http;

    private final HttpClient browser = HttpClient.newHttpClient();
    private SignedIn applicant;
    private SignedIn caseworker;

    @BeforeMethod
    void people() {
        applicant = person(Role.APPLICANT);
        caseworker = person(Role.CASEWORKER);
    }

    @Test
    public void isPaidOnceMadeOutOnceAndCanBeCheckedByAnyone() throws Exception {
        ClaimView claim = granted();
        assertThat(fee(claim).path("state").asString()).isEqualTo("OPEN");
        assertThat(fee(claim).path("parts").get(0).asString()).contains("2 copies at €18.00", "€12.00 for fast");
        did(payPage(claim), "twice");
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
        assertThat(documents.of(claim.id())).hasSize(1);
        assertThat(ledger.of(claim.id()))
                .containsEntry(Ledger.Account.BANK, Money.parse("48.00"))
                .containsEntry(Ledger.Account.FEES_OWED, Money.ZERO);
        String number = documents.of(claim.id()).getFirst().number();
        String checked = anyone(get("/api/check/" + number.toLowerCase().replace("-", " ")))
                .getContentAsString();
        assertThat(checked)
                .contains("\"STANDS\"", "Certificate of conduct")
                .doesNotContain(applicant.displayName(), claim.number());
        assertThat(anyone(get("/api/check/0000-0000-0000-0000")).getContentAsString())
                .contains("\"UNKNOWN\"");
        assertThat(followUps.of(claim.id()))
                .extracting(each -> inWords(each.what()))
                .containsExactly("hand over: at the desk");
    }

    @Test
    public void theCertificateSaysWhoWhatAndUntilWhen() throws Exception {
        ClaimView claim = granted();
        did(payPage(claim), "pay");
        UUID document = documents.of(claim.id()).getFirst().id();
        byte[] pdf = answer(get("/api/my/claims/" + claim.id() + "/documents/" + document), applicant)
                .getContentAsByteArray();
        assertThat(wordsOf(pdf))
                .contains(applicant.displayName(), "2 April 1991", "holds nothing on this person", "Valid until");
        assertThat(new String(pdf, StandardCharsets.ISO_8859_1)).contains("pdfaid:part", "<pdfaid:conformance>U");
        assertThat(wordsOf(pdf)).contains("Copy 1 of 2", "Copy 2 of 2");
        assertThat(wordsOf(answer(get("/api/my/claims/" + claim.id() + "/pickup-note"), applicant)
                        .getContentAsByteArray()))
                .contains("Tarn Quay 1", "Your passport, and this page")
                .doesNotContain("signed authority");
        assertThat(checkedFile(pdf)).contains("\"STANDS\"");
        byte[] altered = pdf.clone();
        altered[altered.length / 2]++;
        assertThat(checkedFile(altered)).contains("\"UNKNOWN\"");
        assertThat(checkedFile(java.util.Arrays.copyOf(pdf, pdf.length + 1))).contains("\"UNKNOWN\"");
        SignedIn another = person(Role.APPLICANT);
        assertThat(answer(get("/api/my/claims/" + claim.id() + "/documents/" + document), another)
                        .getStatus())
                .isEqualTo(404);
    }

    @Test
    public void itIsSignedOverAllOfItAndAnyReaderSeesAChange() throws Exception {
        ClaimView claim = granted();
        did(payPage(claim), "pay");
        UUID document = documents.of(claim.id()).getFirst().id();
        byte[] pdf = answer(get("/api/claims/" + claim.id() + "/documents/" + document), caseworker)
                .getContentAsByteArray();
        assertThat(isSigned(pdf)).isTrue();
        byte[] altered = pdf.clone();
        altered[200]++;
        assertThat(isSigned(altered)).isFalse();
        assertThat(database.sql("select count(*) from signing_key")
                        .query(Long.class)
                        .single())
                .isEqualTo(1);
    }

    @SuppressWarnings("unchecked")
    private static boolean isSigned(byte[] file) throws Exception {
        try (PDDocument pdf = Loader.loadPDF(file)) {
            PDSignature signature = pdf.getLastSignatureDictionary();
            ASN1InputStream contents = new ASN1InputStream(signature.getContents(file));
            int[] range = signature.getByteRange();
            assertThat(range[2] + range[3]).isEqualTo(file.length);
            CMSSignedData cms = new CMSSignedData(
                    new CMSProcessableByteArray(signature.getSignedContent(file)),
                    ContentInfo.getInstance(contents.readObject()));
            SignerInformation signer = cms.getSignerInfos().iterator().next();
            X509CertificateHolder holder = (X509CertificateHolder)
                    cms.getCertificates().getMatches(signer.getSID()).iterator().next();
            return signer.verify(new JcaSimpleSignerInfoVerifierBuilder().build(holder));
        } catch (CMSSignerDigestMismatchException e) {
            return false;
        }
    }

    @Test
    public void comingBackProvesNothingButAskingDoes() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        assertThat(fee(claim).path("state").asString()).isEqualTo("OPEN");
        String checkout = page.substring(page.lastIndexOf('/') + 1);
        String lie = "{\"checkout\":\"%s\",\"state\":\"PAID\",\"cents\":4800}".formatted(checkout);
        assertThat(anyone(post("/api/pay-notices").content(lie).header("X-Pay-Signature", "00"))
                        .getStatus())
                .isEqualTo(401);
        assertThat(fee(claim).path("state").asString()).isEqualTo("OPEN");
        did(page, "silent");
        assertThat(documents.of(claim.id())).isEmpty();
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
        assertThat(documents.of(claim.id())).hasSize(1);
    }

    @Test
    public void refusedIsNotPaidAndCanBePaidAgain() throws Exception {
        ClaimView claim = granted();
        did(payPage(claim), "refuse");
        assertThat(fee(claim).path("state").asString()).isEqualTo("OPEN");
        did(payPage(claim), "pay");
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
        assertThat(answer(post("/api/my/claims/" + claim.id() + "/fee/pay").with(csrf()), applicant)
                        .getStatus())
                .isEqualTo(409);
    }

    @Test
    public void anotherAmountIsLookedAtAndBooksNothing() throws Exception {
        ClaimView claim = granted();
        did(payPage(claim), "less");
        assertThat(fee(claim).path("state").asString()).isEqualTo("OPEN");
        assertThat(documents.of(claim.id())).isEmpty();
        assertThat(inWords(claims.claim(claim.id()).nextStep())).isEqualTo("another amount was paid than the fee");
    }

    @Test
    public void toldAtTheSameMomentItIsBookedOnce() throws Exception {
        ClaimView claim = granted();
        String page = payPage(claim);
        try (ExecutorService two = Executors.newFixedThreadPool(4)) {
            Callable<Integer> pays = () -> did(page, "twice");
            for (Future<Integer> each : two.invokeAll(List.of(pays, pays, pays, pays))) {
                assertThat(each.get()).isEqualTo(200);
            }
        }
        assertThat(fee(claim).path("state").asString()).isEqualTo("PAID");
        assertThat(documents.of(claim.id())).hasSize(1);
        assertThat(database.sql("select count(*) from ledger_line where booking like 'fee/%' and claim_id = ?")
                        .param(claim.id())
                        .query(Long.class)
                        .single())
                .isEqualTo(2);
    }

    @Test
    public void whatIsNotPaidInTimeIsNotOwedAnyMore() throws Exception {
        ClaimView claim = granted();
        lapseNow(claim, Ask.Kind.FEE, "max");
        await("it lapsed", () -> stateOf(claim).equals("LAPSED"));
        assertThat(ledger.of(claim.id()).values()).containsOnly(Money.ZERO);
        assertThat(answer(post("/api/my/claims/" + claim.id() + "/fee/pay").with(csrf()), applicant)
                        .getStatus())
                .isEqualTo(409);
    }

    @Test
    public void allAccountsTogetherComeToNothing() {
        assertThat(database.sql(
                                "select count(*) from (select booking from ledger_line group by booking having sum(cents) <> 0) as off")
                        .query(Long.class)
                        .single())
                .isZero();
        assertThatThrownBy(() ->
                        database.sql("update ledger_line set cents = cents + 1").update())
                .hasStackTraceContaining("permission denied");
    }

    @Test
    public void whatIsNoPhotoIsRefusedAndItsSizeIsOurWord() throws IOException {
        assertThatThrownBy(() -> photos.take(
                        applicant.account(), "conduct-certificate", "no photo".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Problem.class);
        ObjectNode answers = certificateAnswers();
        ((ObjectNode) answers.path("photo")).put("widthPx", 826);
        assertThatThrownBy(() -> drafts.handInAnswers(
                        applicant,
                        "conduct-certificate",
                        answers,
                        new Drafts.Signing(applicant.displayName(), Optional.empty())))
                .isInstanceOf(Problem.class);
    }

    private String checkedFile(byte[] file) throws Exception {
        return anyone(post("/api/check/file").content(file)).getContentAsString();
    }

    private String stateOf(ClaimView claim) {
        return database.sql("select state from charge where claim_id = ?")
                .param(claim.id())
                .query(String.class)
                .single();
    }

    /** A certificate that was decided, with its fee to be paid. */
    private ClaimView granted() throws IOException {
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
        ClaimView claim = answered(drafts.handInAnswers(
                applicant, "conduct-certificate", certificateAnswers(), new Drafts.Signing(name, Optional.empty())));
        ClaimView mine = taken(caseworker, claim);
        decisions.decide(mine, "", "Seen at the counter.", caseworker);
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.DECIDED);
        return claims.claim(claim.id());
    }

    private String number() {
        String digits = String.format("%010d", Math.abs((long) applicant.email().hashCode()));
        return digits + PersonNumber.checkDigit(digits);
    }

    private ObjectNode certificateAnswers() {
        String name = applicant.displayName();
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
        answers.putObject("contact").put("personNumber", number());
        answers.putObject("photo").put("takenOn", today.minusDays(3).toString());
        answers.putObject("handover").put("way", "DESK").put("by", "HOLDER");
        return answers;
    }

    private static byte[] photo() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(413, 531, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private String payPage(ClaimView claim) throws Exception {
        MockHttpServletResponse answer =
                answer(post("/api/my/claims/" + claim.id() + "/fee/pay").with(csrf()), applicant);
        assertThat(answer.getStatus()).isEqualTo(200);
        return JsonColumn.read(answer.getContentAsString()).path("page").asString();
    }

    /** What someone does on the page of the payment service. @return the status of the answer */
    private int did(String page, String how) throws IOException, InterruptedException {
        return browser.send(
                        HttpRequest.newBuilder(URI.create(page))
                                .header("Content-Type", "application/x-www-form-urlencoded")
                                .POST(HttpRequest.BodyPublishers.ofString("how=" + how))
                                .build(),
                        HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    private JsonNode fee(ClaimView claim) throws Exception {
        return JsonColumn.read(
                answer(get("/api/my/claims/" + claim.id() + "/fee"), applicant).getContentAsString());
    }

    private MockHttpServletResponse answer(MockHttpServletRequestBuilder request, SignedIn who) throws Exception {
        return http.perform(request.with(as(who))).andReturn().getResponse();
    }

    private MockHttpServletResponse anyone(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request).andReturn().getResponse();
    }
}
