package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Wait;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.Carrier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Those who have no account: who signs with the applicant, and whom outside the household a claim asks. */
public class LinksTest extends ServerTest {
    private static final String BORN = "1990-05-30";
    private static final String NUMBER = "30059000142";

    @Autowired
    private Carrier carrier;

    @Autowired
    private JdbcClient database;

    @Autowired
    private Scheduler jobs;

    private static final int PORT = freePort();

    private OtherServer server;
    private SignedIn applicant;
    private SignedIn caseworker;
    private ClaimView claim;
    private String signer;
    private String landlord;

    @BeforeClass
    void start() throws java.io.IOException {
        server = OtherServer.start(PORT, STORE);
        await("the server answers", server::answers);
    }

    @AfterClass(alwaysRun = true)
    void stop() {
        server.close();
    }

    @BeforeMethod
    void apply() {
        applicant = person(Role.APPLICANT);
        caseworker = person(Role.CASEWORKER);
        signer = "signer." + applicant.email();
        landlord = "landlord." + applicant.email();
        ObjectNode reach = JsonColumn.object();
        reach.putObject("m2").put("email", signer).put("personNumber", number());
        reach.putObject("landlord").put("email", landlord);
        claim = handInForRent(applicant, reach);
    }

    @Test
    public void itIsReceivedTodayAndCanBeWorkedOnWhileOthersSign() {
        assertThat(claim.state()).isEqualTo(ClaimState.SIGNING);
        assertThat(claim.receivedOn()).isEqualTo(BusinessCalendar.received(claim.receivedAt()));
        Wait wait = claim.waiting().orElseThrow();
        assertThat(wait.on()).isEqualTo(Wait.On.CO_SIGNER);
        assertThat(wait.until()).isEqualTo(BusinessCalendar.plusBusinessDays(clock.today(), 10));
        assertThat(inWords(wait.what())).startsWith("the signature of Ivo ");
        claim = taken(caseworker, claim);
        Visitor desk = new Visitor(PORT, caseworker.email());
        String decide = "{\"version\":%d,\"reason\":\"\",\"despite\":\"x\"}".formatted(claim.version());
        assertThat(desk.post("/api/claims/" + claim.id() + "/decide", decide).status())
                .isEqualTo(409);
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.SIGNING);
    }

    @Test
    public void whoeverSignsSeesWhatIsTheirsAndNothingOfOthers() {
        Page page = new Page(linkTo(signer));
        JsonNode before = page.open();
        assertThat(before.path("state").asString()).isEqualTo("CONFIRM");
        assertThat(before.toString()).doesNotContain("Ivo", "Runa", "rent", "Tarn");
        JsonNode shown = page.confirm(BORN, last4());
        assertThat(shown.path("state").asString()).isEqualTo("OPEN");
        assertThat(shown.path("about").asString()).contains(applicant.displayName(), "Rent arrears relief");
        assertThat(shown.path("shown").toString())
                .contains("Ivo", "30 May 1990", "no income", "700.00", "Tarn Homes")
                .doesNotContain("412", "WAGES", "Wages", signer, landlord, number());
    }

    @Test
    public void aSignatureIsANewEditionAndTheClaimGoesOn() {
        Page page = new Page(linkTo(signer));
        page.confirm(BORN, last4());
        JsonNode wrong = page.answer("Somebody Else", "");
        assertThat(wrong.path("path").asString()).isEqualTo("name");
        JsonNode done = page.answer(signersName(), "");
        assertThat(done.path("state").asString()).isEqualTo("ANSWERED");
        assertThat(done.path("receipt").asString()).startsWith("You signed on ");
        ClaimView now = claims.claim(claim.id());
        assertThat(now.state()).isEqualTo(ClaimState.RECEIVED);
        assertThat(now.waiting()).isEmpty();
        assertThat(now.edition()).isEqualTo(2);
        assertThat(now.receivedAt()).isEqualTo(claim.receivedAt());
        assertThat(dossier(now).run().determination().missing()).containsExactly("landlord");
        JsonNode again = page.answer(signersName(), "");
        assertThat(again.path("code").asString()).isEqualTo("answered");
        assertThat(claims.claim(claim.id()).edition()).isEqualTo(2);
    }

    @Test
    public void whatIsSaidNotToBeRightComesToTheDeskUntilItIsLookedAt() {
        Page page = new Page(linkTo(signer));
        page.confirm(BORN, last4());
        page.answer(signersName(), "I earn something.");
        claim = taken(caseworker, claims.claim(claim.id()));
        Visitor desk = new Visitor(PORT, caseworker.email());
        JsonNode way = json(desk.get("/api/claims/" + claim.id() + "/desk")).path("inTheWay");
        assertThat(way.toString()).contains("says this is not right: Income", "I earn something.");
        JsonNode others = json(desk.get("/api/claims/" + claim.id() + "/others"));
        String remark = others.path("remarks").path(0).path("id").asString();
        desk.post("/api/claims/" + claim.id() + "/remarks/" + remark, "{\"reason\":\"A one-off gift.\"}");
        assertThat(json(desk.get("/api/claims/" + claim.id() + "/desk"))
                        .path("inTheWay")
                        .toString())
                .doesNotContain("not right");
    }

    @Test
    public void afterThreeWrongTriesNoLinkLeadsAnywhereUntilACaseworkerSendsAnother() {
        Page page = new Page(linkTo(signer));
        assertThat(page.confirm(BORN, "0000").path("triesLeft").asInt()).isEqualTo(2);
        assertThat(page.confirm("1990-05-31", last4()).path("state").asString()).isEqualTo("CONFIRM");
        assertThat(page.confirm(BORN, "1111").path("state").asString()).isEqualTo("CLOSED");
        assertThat(page.confirm(BORN, last4()).path("state").asString()).isEqualTo("CLOSED");
        Visitor mine = new Visitor(PORT, applicant.email());
        String wish = "{\"email\":\"%s\",\"phone\":\"\",\"personNumber\":\"\"}".formatted("new." + signer);
        assertThat(mine.post("/api/my/claims/" + claim.id() + "/others/m2", wish)
                        .status())
                .isEqualTo(403);
        claim = taken(caseworker, claims.claim(claim.id()));
        new Visitor(PORT, caseworker.email()).post("/api/claims/" + claim.id() + "/others/m2", wish);
        Page another = new Page(linkTo("new." + signer));
        assertThat(another.confirm(BORN, last4()).path("state").asString()).isEqualTo("OPEN");
    }

    @Test
    public void aLinkIsKeptNowhereAndOpensNothingForAnyoneElse() {
        String link = linkTo(signer);
        assertThat(database.sql("select count(*) from notice where body like '%#%' and claim_id = ?")
                        .param(claim.id())
                        .query(Integer.class)
                        .single())
                .isZero();
        Page page = new Page(link);
        page.confirm(BORN, last4());
        assertThat(new Page(link).open().path("state").asString()).isEqualTo("CONFIRM");
        JsonNode stranger = new Page(link).answer(signersName(), "");
        assertThat(stranger.path("code").asString()).isEqualTo("confirm");
        assertThat(new Page(link.substring(0, link.length() - 1))
                        .open()
                        .path("code")
                        .asString())
                .isEqualTo("not-found");
        assertThat(new Page(linkTo(landlord))
                        .confirm(BORN, last4())
                        .path("code")
                        .asString())
                .isEqualTo("not-found");
    }

    @Test
    public void whatWasBegunIsThereWhenTheyComeBack() {
        Page page = new Page(linkTo(signer));
        page.confirm(BORN, last4());
        page.keep("", "Not so.");
        Page later = new Page(linkTo(signer));
        JsonNode begun = later.confirm(BORN, last4()).path("begun");
        assertThat(begun.path("remarks").toString()).contains("Not so.");
        assertThat(claims.claim(claim.id()).edition()).isEqualTo(1);
    }

    @Test
    public void withoutAPersonNumberACodeIsSentByAnotherWay() {
        database.sql("update contact set person_number = '', phone = '+4677' || ? where claim_id = ? and member = 'm2'")
                .params(String.valueOf(System.nanoTime() % 10_000_000), claim.id())
                .update();
        String phone = database.sql("select phone from contact where claim_id = ? and member = 'm2'")
                .param(claim.id())
                .query(String.class)
                .single();
        Page page = new Page(linkTo(signer));
        assertThat(page.open().path("byCode").asBoolean()).isTrue();
        page.code();
        String code = found(phone, Pattern.compile("is ([0-9]{6})"));
        assertThat(page.confirm(BORN, code).path("state").asString()).isEqualTo("OPEN");
    }

    @Test
    public void unsignedItGoesOnAfterTenBusinessDaysAndLacksTheSignature() {
        lapseNow(claim, Ask.Kind.SIGNATURE, "min");
        await("it goes on", () -> claims.claim(claim.id()).state() == ClaimState.RECEIVED);
        ClaimView now = claims.claim(claim.id());
        assertThat(dossier(now).run().determination().missing()).contains("signature:m2");
        Page page = new Page(linkTo(signer));
        page.confirm(BORN, last4());
        assertThat(page.answer(signersName(), "").path("state").asString()).isEqualTo("ANSWERED");
        assertThat(dossier(claims.claim(claim.id())).run().determination().missing())
                .doesNotContain("signature:m2");
    }

    @Test
    public void anAnswerAtTheMomentItLapsesIsTakenOnce() throws Exception {
        Page page = new Page(linkTo(signer));
        page.confirm(BORN, last4());
        CountDownLatch go = new CountDownLatch(1);
        try (ExecutorService threads = Executors.newFixedThreadPool(2)) {
            Future<JsonNode> answered = threads.submit(() -> {
                go.await();
                return page.answer(signersName(), "");
            });
            threads.submit(() -> {
                go.await();
                lapseNow(claim, Ask.Kind.SIGNATURE, "min");
                return true;
            });
            go.countDown();
            assertThat(answered.get().path("state").asString()).isEqualTo("ANSWERED");
        }
        await(
                "both are over",
                () -> jobs.getScheduledExecutionsForTask("lapse-ask").stream()
                        .noneMatch(each -> each.getExecutionTime().isBefore(java.time.Instant.now())));
        ClaimView now = claims.claim(claim.id());
        assertThat(now.state()).isEqualTo(ClaimState.RECEIVED);
        assertThat(dossier(now).said().file().signatures()).hasSize(2);
        assertThat(asks.of(now.id()).stream().filter(ask -> ask.kind() == Ask.Kind.SIGNATURE))
                .singleElement()
                .matches(ask -> ask.state() == Ask.State.ANSWERED);
    }

    @Test
    public void theLandlordSaysWhetherTheyTakeTheMoneyAndWhere() {
        signed();
        Page page = new Page(linkTo(landlord));
        JsonNode asked = page.open();
        assertThat(asked.path("state").asString()).isEqualTo("OPEN");
        assertThat(asked.path("about").asString()).contains(applicant.displayName());
        assertThat(asked.toString()).doesNotContain("412", "Ivo", "JOB_LOSS", applicant.email());
        assertThat(page.say("takesPart", "YES", "iban", "XH84").path("path").asString())
                .isEqualTo("iban");
        assertThat(page.say("takesPart", "MAYBE").path("path").asString()).isEqualTo("takesPart");
        JsonNode done = page.say("takesPart", "YES", "iban", "gb33 bukb 2020 1555 5555 55");
        assertThat(done.path("receipt").asString()).startsWith("You answered on ");
        JsonNode file = dossier(claims.claim(claim.id())).said().json();
        assertThat(file.path("landlord").path("takesPart").asString()).isEqualTo("YES");
        assertThat(file.path("landlord").path("iban").asString()).isEqualTo("GB33BUKB20201555555555");
        assertThat(dossier(claims.claim(claim.id())).run().determination().missing())
                .isEmpty();
    }

    @Test
    public void theRulesHoldAClaimForTheLandlordOnceNothingElseIsLeftAndGoOnWhenTheyAreSilent() {
        signed();
        claim = taken(caseworker, claims.claim(claim.id()));
        assertThat(claim.state()).isEqualTo(ClaimState.WAITING);
        Wait wait = claim.waiting().orElseThrow();
        assertThat(wait.on()).isEqualTo(Wait.On.THIRD_PARTY);
        assertThat(inWords(wait.then())).isEqualTo("After that we decide without it.");
        lapseNow(claim, Ask.Kind.WORD, "min");
        await("it comes back", () -> claims.claim(claim.id()).waiting().isEmpty());
        assertThat(asks.of(claim.id()).stream().filter(ask -> ask.kind() == Ask.Kind.WORD))
                .singleElement()
                .matches(ask -> ask.state() == Ask.State.LAPSED);
        assertThat(dossier(claims.claim(claim.id()))
                        .said()
                        .json()
                        .path("decidedOn")
                        .asString())
                .isEqualTo(clock.today().toString());
    }

    @Test
    public void theApplicantSeesWhoIsAwaitedAndNeverHowTheyAreReached() {
        Visitor mine = new Visitor(PORT, applicant.email());
        JsonNode others = json(mine.get("/api/my/claims/" + claim.id() + "/others"));
        assertThat(others).hasSize(2);
        assertThat(others.toString()).contains("the signature of Ivo").doesNotContain(signer, landlord, number());
        assertThat(json(mine.get("/api/my/claims/" + claim.id()))
                        .path("sentence")
                        .asString())
                .contains("its date counts", "the signature of Ivo");
    }

    @Test
    public void anApplicantCanNeitherChangeByWhichNumberTheySignNorSendLinksWithoutEnd() {
        Visitor mine = new Visitor(PORT, applicant.email());
        String wish = "{\"email\":\"%s\",\"phone\":\"\",\"personNumber\":\"29108803471\"}".formatted("mine." + signer);
        String others = "/api/my/claims/" + claim.id() + "/others/m2";
        for (int sent = 1; sent < 6; sent++) {
            assertThat(mine.post(others, wish).status()).isEqualTo(200);
        }
        assertThat(mine.post(others, wish).status()).isEqualTo(429);
        Page page = new Page(linkTo("mine." + signer));
        assertThat(page.confirm(BORN, "3471").path("state").asString()).isEqualTo("CONFIRM");
        assertThat(page.confirm(BORN, last4()).path("state").asString()).isEqualTo("OPEN");
    }

    @Test
    public void aFormThatComesBackOnPaperFindsItsAskAndIsTakenDownByACaseworkerOnly() throws Exception {
        Visitor mine = new Visitor(PORT, applicant.email());
        byte[] form = pdf(mine, "/api/my/claims/" + claim.id() + "/others/m2/form");
        assertThat(mine.post("/api/my/claims/" + claim.id() + "/others/landlord/form", "")
                        .status())
                .as("whoever has the landlord's form can answer for them")
                .isEqualTo(403);
        claim = taken(caseworker, claims.claim(claim.id()));
        Visitor desk = new Visitor(PORT, caseworker.email());
        byte[] landlords = pdf(desk, "/api/claims/" + claim.id() + "/others/landlord/form");
        assertThat(text(form)).contains(signersName(), "700.00", "Scan this to answer on your phone instead");
        assertThat(text(landlords))
                .contains("Tarn Homes", "Do you take the money")
                .doesNotContain("700.00");
        mine.upload("/api/my/claims/" + claim.id() + "/papers", "form.png", turned(form));
        read(claim);
        Visitor.Answer filed = desk.upload("/api/post", "scan.png", turned(landlords));
        assertThat(json(filed).path("number").asString()).isEqualTo(claim.number());
        read(claim);
        assertThat(desk.upload("/api/post", "other.png", turned(new byte[0])).status())
                .isEqualTo(409);
        assertThat(claims.claim(claim.id()).edition()).isEqualTo(1);
        JsonNode others =
                json(desk.get("/api/claims/" + claim.id() + "/others")).path("others");
        assertThat(others).allMatch(other -> other.path("forms").size() == 1);
        assertThat(json(desk.get("/api/claims/" + claim.id() + "/desk"))
                        .path("inTheWay")
                        .toString())
                .contains("A form came back: the signature of ", "A form came back: the answer of Tarn Homes");
        String signs = "{\"said\":{\"name\":\"%s\",\"answers\":{},\"remarks\":{}}}".formatted(signersName());
        desk.post("/api/claims/" + claim.id() + "/others/m2/answer", signs);
        desk.post(
                "/api/claims/" + claim.id() + "/others/landlord/answer",
                "{\"said\":{\"name\":\"\",\"answers\":{\"takesPart\":\"NO\"},\"remarks\":{}}}");
        ClaimView now = claims.claim(claim.id());
        assertThat(now.edition()).isEqualTo(3);
        assertThat(dossier(now).run().determination().missing()).isEmpty();
    }

    private static byte[] pdf(Visitor visitor, String path) {
        Visitor.Answer answer =
                visitor.send(path, request -> request.POST(java.net.http.HttpRequest.BodyPublishers.noBody()));
        assertThat(answer.status()).isEqualTo(200);
        return (byte[]) answer.response().body();
    }

    private static String text(byte[] pdf) throws java.io.IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    /** The first page as a scanner gives it that it was laid on upside down; an empty sheet where there is none. */
    private static byte[] turned(byte[] pdf) throws java.io.IOException {
        BufferedImage sheet = new BufferedImage(1000, 1400, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = sheet.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, 1000, 1400);
        if (pdf.length > 0) {
            try (PDDocument document = Loader.loadPDF(pdf)) {
                pen.rotate(Math.PI + 0.04, 500, 700);
                pen.drawImage(new PDFRenderer(document).renderImageWithDPI(0, 110), 40, 60, null);
            }
        }
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(sheet, "png", out);
        return out.toByteArray();
    }

    private void signed() {
        Page page = new Page(linkTo(signer));
        page.confirm(BORN, last4());
        page.answer(signersName(), "");
    }

    private String signersName() {
        return dossier(claim).said().file().members().get(1).name().full();
    }

    private static String number() {
        int digit = org.civitane.core.person.PersonNumber.checkDigit(NUMBER.substring(0, NUMBER.length() - 1));
        return NUMBER.substring(0, NUMBER.length() - 1) + digit;
    }

    private static String last4() {
        return number().substring(number().length() - 4);
    }

    private String linkTo(String recipient) {
        return found(recipient, Pattern.compile("/answer#([A-Za-z0-9_-]{43})"));
    }

    private String found(String recipient, Pattern pattern) {
        await(
                "word reached " + recipient,
                () -> carried(recipient).stream()
                        .anyMatch(body -> pattern.matcher(body).find()));
        Matcher matcher = carried(recipient).stream()
                .map(pattern::matcher)
                .filter(Matcher::find)
                .findFirst()
                .orElseThrow();
        return matcher.group(1);
    }

    private List<String> carried(String recipient) {
        return carrier.carried().stream()
                .filter(sent -> sent.recipient().equals(recipient))
                .map(Carrier.Sent::body)
                .toList();
    }

    private static JsonNode json(Visitor.Answer answer) {
        return JsonColumn.read(answer.body());
    }

    /** A browser of its own, at the page that a link leads to. */
    private static final class Page {
        private final Visitor visitor = new Visitor(PORT);
        private final String token;

        Page(String token) {
            this.token = token;
        }

        JsonNode open() {
            return json(visitor.post("/api/link", "{\"token\":\"" + token + "\"}"));
        }

        void code() {
            visitor.post("/api/link/code", "{\"token\":\"" + token + "\"}");
        }

        /** The page as it is then; the problem where there is one. */
        JsonNode confirm(String born, String proof) {
            JsonNode answer = json(visitor.post(
                    "/api/link/confirm",
                    "{\"token\":\"%s\",\"born\":\"%s\",\"proof\":\"%s\"}".formatted(token, born, proof)));
            return answer.has("page") ? answer.path("page") : answer;
        }

        JsonNode keep(String name, String remark) {
            return say("/api/link/begun", name, JsonColumn.object(), remark);
        }

        JsonNode answer(String name, String remark) {
            return say("/api/link/answer", name, JsonColumn.object(), remark);
        }

        JsonNode say(String... answers) {
            ObjectNode given = JsonColumn.object();
            for (int i = 0; i < answers.length; i += 2) {
                given.put(answers[i], answers[i + 1]);
            }
            return say("/api/link/answer", "", given, "");
        }

        private JsonNode say(String path, String name, ObjectNode answers, String remark) {
            ObjectNode said = JsonColumn.object().put("name", name);
            said.set("answers", answers);
            ObjectNode remarks = said.putObject("remarks");
            if (!remark.isEmpty()) {
                remarks.put("members/m2/incomes", remark);
            }
            ObjectNode body = JsonColumn.object().put("token", token);
            body.set("said", said);
            return json(visitor.post(path, body.toString()));
        }
    }
}
