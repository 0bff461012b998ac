package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.demo.MadeDocument;
import org.civitane.server.demo.MadePicture;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.papers.Paper;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Someone who is asked shows who they are: piece by piece, checked at once, handed in once, or says it was not them. */
public class IdentityAnswersTest extends IdentityTest {
    private static final int PIECE = 20_000;

    @Test
    public void twoRightDocumentsAreEnoughAndAreWithTheClaimOnceHandedIn() {
        say("YES");
        assertThat(identity().path("enough").asBoolean()).isFalse();
        sendUntilItCounts("PASSPORT");
        sendUntilItCounts("UTILITY_BILL");
        JsonNode now = read();
        assertThat(now.path("enough").asBoolean())
                .as(now.path("documents").toString())
                .isTrue();
        assertThat(dossier(claim).papers()).isEmpty();
        assertThat(handIn(applicant.displayName()).path("step").asString()).isEqualTo("HANDED_IN");
        JsonNode receipt = handIn(applicant.displayName()).path("receipt");
        assertThat(receipt.path("number").asString()).matches("ID-\\d{4}-\\d{5}");
        assertThat(receipt.path("sent")).hasSize(2);
        assertThat(person.get(my("/identity/receipt")).body()).startsWith("%PDF");
        assertThat(json(person.get(my(""))).path("showsIdentity").asBoolean()).isTrue();
        assertThat(dossier(claim).papers())
                .extracting(Paper::state)
                .containsExactly(Paper.State.RECEIVED, Paper.State.RECEIVED);
        assertThat(doubts.of(claim.id()).orElseThrow().state()).isEqualTo(Doubt.State.FILED);
        assertThat(claims.claim(claim.id()).state()).isNotEqualTo(ClaimState.WAITING);
    }

    @Test
    public void eachFaultIsSaidInWordsThatHelp() {
        say("YES");
        LocalDate ended = clock.today().minusMonths(2);
        send("PASSPORT", "", picture(MadeDocument.of("PASSPORT", until(ended))));
        send(
                "NATIONAL_ID",
                "",
                picture(MadeDocument.of("NATIONAL_ID", of(clock.today().minusYears(1)))
                        .withWrongDigit()));
        send(
                "BANK_STATEMENT",
                "",
                picture(MadeDocument.of("BANK_STATEMENT", of(clock.today().minusMonths(7)))));
        JsonNode now = read();
        assertThat(faults(now, "PASSPORT")).contains("It ended on").contains("still valid counts");
        assertThat(faults(now, "NATIONAL_ID")).contains("lines of capitals and arrows");
        assertThat(faults(now, "BANK_STATEMENT")).contains("or later counts");
        assertThat(now.path("enough").asBoolean()).isFalse();
        assertThat(now.path("checklist").path(0).path("progress").asString()).isEqualTo("FAULTY");
    }

    @Test
    public void aDocumentOfSomebodyElseOrHalfAPageIsNeverEnough() {
        say("YES");
        MadeDocument.Of other = new MadeDocument.Of(
                "Benedikt",
                "Storrud",
                LocalDate.of(1971, 2, 3),
                clock.today().minusYears(1),
                clock.today().plusYears(5),
                nextNumber());
        send("NATIONAL_ID", "", picture(MadeDocument.of("NATIONAL_ID", other)));
        send("PASSPORT", "", MadePicture.jpeg(passport(), MadePicture.Spoilt.HALF, 0.9));
        JsonNode now = read();
        assertThat(faults(now, "NATIONAL_ID")).contains("The name on it is Benedikt Storrud");
        assertThat(faults(now, "PASSPORT")).contains("must be in the picture");
        assertThat(now.path("enough").asBoolean()).isFalse();
    }

    @Test
    public void aStatementWithTheNameInItsAddressCountsAndOneThatCouldNotBeReadIsNobodysFault() {
        say("YES");
        String issued = "Statement date: " + clock.today().minusDays(9);
        String name = applicant.displayName();
        send("BANK_STATEMENT", "", WrittenPdf.of(List.of("Bank of Norrhaven", issued, "Balance: 318.15")));
        assertThat(second(read()).path("progress").asString()).isEqualTo("UNSURE");
        assertThat(faults(identity(), "BANK_STATEMENT")).contains("could not read your name", "a caseworker looks");
        send("UTILITY_BILL", "", WrittenPdf.of(List.of("Norrhaven Light", "Ms " + name, "Skerry Lane 4", issued)));
        assertThat(second(read()).path("progress").asString()).isEqualTo("DONE");
        assertThat(faults(identity(), "UTILITY_BILL")).isEqualTo("[]");
    }

    private static JsonNode second(JsonNode mine) {
        return mine.path("checklist").path(1);
    }

    @Test
    public void aLostNetworkGoesOnWhereItWas() {
        byte[] picture = picture(passport());
        String upload = begin("PASSPORT", "", picture.length);
        assertThat(piece(upload, 0, Arrays.copyOf(picture, PIECE)).status()).isEqualTo(204);
        Visitor again = new Visitor(PORT, applicant.email());
        String arrived = again.send(
                        upload,
                        request -> request.header("Tus-Resumable", "1.0.0")
                                .method("HEAD", HttpRequest.BodyPublishers.noBody()))
                .response()
                .headers()
                .firstValue("Upload-Offset")
                .orElse("");
        assertThat(arrived).isEqualTo(String.valueOf(PIECE));
        assertThat(identity().path("documents")).isEmpty();
        piece(upload, PIECE, Arrays.copyOfRange(picture, PIECE, picture.length));
        assertThat(identity().path("documents")).hasSize(1);
        assertThat(begun("PASSPORT", picture)).isEqualTo(204);
        assertThat(identity().path("documents")).as("the same picture again").hasSize(1);
    }

    @Test
    public void whatIsNoPictureOrCountsForNothingIsRefusedWithoutATrace() {
        assertThat(begun("PASSPORT", "no picture at all".getBytes(StandardCharsets.UTF_8)))
                .isEqualTo(422);
        assertThat(upload("PERSON_NUMBER_CARD", "", 10).status()).isEqualTo(422);
        assertThat(upload("PASSPORT", "", 60_000_000).status()).isEqualTo(413);
        assertThat(identity().path("documents")).isEmpty();
    }

    @Test
    public void noMoreCanBeSentThanTheRulebookSays() {
        send("PASSPORT", "", picture(passport()));
        send("PASSPORT", "", picture(passport()));
        assertThat(begun("DRIVING_LICENCE", picture(passport()))).isEqualTo(409);
        String first = identity().path("documents").path(0).path("id").asString();
        send("PASSPORT", first, picture(passport()));
        assertThat(begunBack("PASSPORT", first, picture(passport()))).isEqualTo(409);
        assertThat(person.send("DELETE", my("/identity/documents/" + first), "").status())
                .isEqualTo(200);
        assertThat(identity().path("documents")).hasSize(1);
        assertThat(begun("DRIVING_LICENCE", picture(passport()))).isEqualTo(204);
    }

    @Test
    public void itIsNotHandedInUnsignedOrBySomeoneWhoDidNotSayThatTheyFiledIt() {
        assertThat(tried(applicant.displayName()).status()).isEqualTo(409);
        say("NOT_SURE");
        assertThat(tried(applicant.displayName()).status()).isEqualTo(409);
        say("YES");
        assertThat(tried("Somebody Else").status()).isEqualTo(422);
        assertThat(doubts.of(claim.id()).orElseThrow().state()).isEqualTo(Doubt.State.ASKED);
    }

    @Test
    public void thisWasNotMeNeedsNoPaperAndGivesACaseNumber() {
        JsonNode now = say("NOT_ME");
        assertThat(now.path("step").asString()).isEqualTo("NOT_ME");
        assertThat(now.path("caseReference").asString()).isEqualTo("M-" + claim.number());
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.FROZEN);
        assertThat(person.post(my("/identity/filed"), "{\"filed\":\"YES\"}").status())
                .isEqualTo(409);
    }

    @Test
    public void whatWasBegunIsLookedAtWhenTheDayHasPassed() {
        send("PASSPORT", "", picture(passport()));
        lapseNow(claim, Ask.Kind.DOUBT, "min");
        await("it lapsed", () -> doubts.of(claim.id()).orElseThrow().state() == Doubt.State.LAPSED);
        assertThat(dossier(claim).papers()).extracting(Paper::documentType).containsExactly("PASSPORT");
        assertThat(identity().path("step").asString()).isEqualTo("LAPSED");
    }

    @Test
    public void nobodyElseSeesOrSendsAnything() {
        send("PASSPORT", "", picture(passport()));
        String paper = identity().path("documents").path(0).path("id").asString();
        Visitor neighbour = new Visitor(PORT, person(Role.APPLICANT).email());
        assertThat(neighbour.get(my("/identity")).status()).isEqualTo(404);
        assertThat(neighbour.get(my("/papers/" + paper + "/picture")).status()).isEqualTo(404);
        assertThat(neighbour
                        .send("DELETE", my("/identity/documents/" + paper), "")
                        .status())
                .isEqualTo(404);
        Visitor desk = new Visitor(PORT, caseworker.email());
        assertThat(desk.get("/api/claims/" + claim.id() + "/readings").body()).doesNotContain(paper);
        assertThat(desk.get("/api/claims/" + claim.id() + "/papers/" + paper + "/picture")
                        .status())
                .isEqualTo(404);
    }

    @Test
    public void aCodeSaysWhoseItIsAndChangesNoSessionOfSomebodyElse() {
        String token = json(person.post(my("/identity/carry"), ""))
                .path("address")
                .asString()
                .replaceAll("^.*#", "");
        String body = "{\"token\":\"" + token + "\"}";
        JsonNode whose = json(new Visitor(PORT).post("/api/carry/look", body));
        assertThat(whose.path("whose").asString()).isEqualTo(applicant.displayName());
        assertThat(whose.path("number").asString()).isEqualTo(claim.number());
        SignedIn somebody = person(Role.APPLICANT);
        Visitor signedIn = new Visitor(PORT, somebody.email());
        assertThat(signedIn.post("/api/carry", body).status()).isEqualTo(409);
        assertThat(signedIn.get("/api/session").body()).contains(somebody.email());
        assertThat(signedIn.get("/api/my/claims").status()).isEqualTo(200);
        JsonNode mine = json(person.post("/api/carry", body));
        assertThat(mine.path("signedIn").asBoolean()).isTrue();
        assertThat(person.get("/api/my/claims").status())
                .as("they stay signed in")
                .isEqualTo(200);
        assertThat(new Visitor(PORT).post("/api/carry/look", body).status())
                .as("used")
                .isEqualTo(403);
    }

    @Test
    public void aCodeLetsAPhoneSendPicturesOnceAndNothingElse() {
        JsonNode code = json(person.post(my("/identity/carry"), ""));
        String token = code.path("address").asString().replaceAll("^.*#", "");
        Visitor phone = new Visitor(PORT);
        assertThat(phone.post("/api/carry", "{\"token\":\"" + token + "\"}").status())
                .isEqualTo(200);
        assertThat(new Visitor(PORT)
                        .post("/api/carry", "{\"token\":\"" + token + "\"}")
                        .status())
                .isEqualTo(403);
        phone.get("/api/session");
        Visitor computer = person;
        person = phone;
        send("PASSPORT", "", picture(passport()));
        person = computer;
        assertThat(identity().path("documents")).hasSize(1);
        assertThat(phone.get(my("/identity")).status()).isEqualTo(200);
        assertThat(phone.post(my("/identity/filed"), "{\"filed\":\"NOT_ME\"}").status())
                .isEqualTo(403);
        assertThat(phone.post(my("/identity/hand-in"), "{\"name\":\"x\",\"phone\":\"\"}")
                        .status())
                .isEqualTo(403);
        assertThat(phone.get("/api/my/claims").status()).isEqualTo(403);
        ClaimView other = handIn(applicant, answers(applicant));
        assertThat(phone.get("/api/my/claims/" + other.id() + "/identity").status())
                .isEqualTo(403);
    }

    @Test
    public void whatIsSentAsItIsSaysWhyToTheCaseworker() {
        say("YES");
        send("PASSPORT", "", MadePicture.jpeg(passport(), MadePicture.Spoilt.GLARE, 0.8));
        String paper = read().path("documents").path(0).path("id").asString();
        person.post(my("/identity/documents/" + paper + "/remark"), "{\"remark\":\"It is worn.\"}");
        handIn(applicant.displayName());
        assertThat(dossier(claim).papers()).extracting(Paper::remark).containsExactly("It is worn.");
        assertThat(person.post(my("/identity/documents/" + paper + "/remark"), "{\"remark\":\"x\"}")
                        .status())
                .isEqualTo(409);
    }

    @Test
    public void whoeverNoRegisterKnowsShowsItAtIntakeAndHandsInOnce() {
        claim = handInForFood(applicant, answers(applicant));
        assertThat(identity().path("occasion").asString()).isEqualTo("INTAKE");
        assertThat(identity().path("asksWhetherFiled").asBoolean()).isFalse();
        send("PASSPORT", "", picture(passport()));
        String number =
                handIn(applicant.displayName()).path("receipt").path("number").asString();
        JsonNode again = handIn(applicant.displayName());
        assertThat(again.path("receipt").path("number").asString()).isEqualTo(number);
        assertThat(again.path("step").asString()).isEqualTo("HANDED_IN");
        assertThat(upload("LEASE", "", 10).status()).isEqualTo(409);
    }
}
