package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
import org.civitane.core.reasoning.FactPath;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.demo.MadeDocument;
import org.civitane.server.demo.MadePicture;
import org.civitane.server.documents.Issued;
import org.civitane.server.following.FollowUps;
import org.civitane.server.intake.Drafts;
import org.civitane.server.ledger.Ledger;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.PdfRules;
import org.civitane.server.platform.Problem;
import org.civitane.server.settlements.Settlements;
import org.civitane.server.settlements.View;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A certificate from its application to the page on which it is checked. */
public class CertificateTest extends CertificateStories {
    @Autowired
    private FollowUps followUps;

    @Autowired
    private Ledger ledger;

    @Autowired
    private Settlements settlements;

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
    }

    @Test
    public void nothingThatSomebodyWroteInTheirOwnWordsIsSigned() throws IOException {
        String words = "Norway. The holder is cleared for all work with children";
        Drafts.Signing signing = new Drafts.Signing(applicant.displayName(), Optional.empty());
        ObjectNode abroad = certificateAnswers().put("country", words);
        assertThatThrownBy(() -> drafts.handInAnswers(applicant, "conduct-certificate", abroad, signing))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("none of the answers");
        ObjectNode numbered = certificateAnswers();
        numbered.withObject("passport").put("number", "IS CLEARED");
        assertThatThrownBy(() -> drafts.handInAnswers(applicant, "conduct-certificate", numbered, signing))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("none of the answers");
        ClaimView claim = asked("DESK", "HOLDER");
        assertThatThrownBy(() -> settlements.settle(
                        claim, FactPath.of("country"), View.SAID, text(words), "They said so.", Actor.of(caseworker)))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("none of the answers");
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
    public void thePageOfAPassportIsReadFromItsPictureAndWhatIsNoneIsSaid() throws Exception {
        MadeDocument passport = MadeDocument.of(
                "PASSPORT",
                new MadeDocument.Of(
                        "Runa",
                        "Vinter",
                        LocalDate.of(1990, 4, 2),
                        LocalDate.of(2024, 1, 5),
                        LocalDate.of(2034, 1, 5),
                        "XH5510927"));
        JsonNode seen = seen(MadePicture.jpeg(passport, MadePicture.Spoilt.NOT, 0));
        assertThat(seen.path("lines").valueStream().map(JsonNode::asString)).containsExactlyElementsOf(passport.zone());
        assertThat(seen.path("number").asString()).isEqualTo("XH5510927");
        assertThat(seen.path("born").asString()).isEqualTo("1990-04-02");
        assertThat(seen.path("expires").asString()).isEqualTo("2034-01-05");
        assertThat(seen(photo()).path("lines")).isEmpty();
    }

    private JsonNode seen(byte[] picture) throws Exception {
        return JsonColumn.read(
                answer(post("/api/drafts/zone/picture").with(csrf()).content(picture), applicant)
                        .getContentAsString());
    }

    @Test
    public void itIsSignedOverAllOfItAndAnyReaderSeesAChange() throws Exception {
        ClaimView claim = granted();
        did(payPage(claim), "pay");
        UUID document = documents.of(claim.id()).getFirst().id();
        byte[] pdf = answer(get("/api/claims/" + claim.id() + "/documents/" + document), caseworker)
                .getContentAsByteArray();
        assertThat(isSigned(pdf)).isTrue();
        assertThat(PdfRules.brokenOfArchiving(pdf)).isEmpty();
        assertThat(PdfRules.brokenOfAccessibility(pdf)).isEmpty();
        byte[] altered = pdf.clone();
        altered[200]++;
        assertThat(isSigned(altered)).isFalse();
        assertThat(database.sql("select count(*) from signing_key")
                        .query(Long.class)
                        .single())
                .isEqualTo(1);
    }

    @Test
    public void signedOnceMoreByAnotherItIsNotWhatWasMadeOut() throws Exception {
        ClaimView claim = granted();
        did(payPage(claim), "pay");
        UUID document = documents.of(claim.id()).getFirst().id();
        byte[] pdf = answer(get("/api/claims/" + claim.id() + "/documents/" + document), caseworker)
                .getContentAsByteArray();
        ByteArrayOutputStream again = new ByteArrayOutputStream();
        try (PDDocument file = Loader.loadPDF(pdf)) {
            PDSignature other = new PDSignature();
            other.setFilter(PDSignature.FILTER_ADOBE_PPKLITE);
            other.setSubFilter(PDSignature.SUBFILTER_ADBE_PKCS7_DETACHED);
            file.addSignature(other, contents -> new byte[] {1, 2, 3});
            file.saveIncremental(again);
        }
        assertThat(checkedFile(again.toByteArray())).contains("\"UNKNOWN\"");
    }

    @Test
    public void itStandsToTheEndOfItsLastDayAndHasLapsedAMomentLater() throws Exception {
        ClaimView claim = granted();
        did(payPage(claim), "pay");
        Issued document = documents.of(claim.id()).getFirst();
        LocalDate last = document.validUntil();
        assertThat(clock.at(last.atTime(23, 59, 59), () -> checkedNow(document)))
                .contains("\"STANDS\"");
        assertThat(clock.at(last.plusDays(1).atStartOfDay(), () -> checkedNow(document)))
                .contains("\"LAPSED\"");
    }

    private String checkedNow(Issued document) {
        try {
            return anyone(get("/api/check/" + document.number())).getContentAsString();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
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

    private String checkedFile(byte[] file) throws Exception {
        return anyone(post("/api/check/file").content(file)).getContentAsString();
    }

    @Test
    public void whatIsFoundOutIsSettledByNobodysHand() throws Exception {
        ClaimView claim = asked();
        for (String path : List.of("policeRegister", "identity")) {
            MockHttpServletResponse answer = answer(
                    post("/api/claims/" + claim.id() + "/settle")
                            .with(csrf())
                            .contentType("application/json")
                            .content("""
                                    {"version":%d,"path":"%s","view":"TYPED","value":"CLEAR","reason":"I say so."}""".formatted(claims.claim(claim.id()).version(), path)),
                    caseworker);
            assertThat(answer.getStatus()).as(path).isEqualTo(422);
        }
    }

    @Test
    public void itIsValidAsLongAsTheRulesHaveItFromTheDayItIsMadeOut() throws Exception {
        ClaimView claim = granted();
        did(payPage(claim), "pay");
        assertThat(documents.of(claim.id()).getFirst().validUntil())
                .isEqualTo(clock.today().plusMonths(6));
    }
}
