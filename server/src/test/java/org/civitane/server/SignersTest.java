package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Pattern;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Wait;
import org.civitane.server.platform.JsonColumn;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Whoever signs with the applicant, by a link of their own. */
public class SignersTest extends LinkTest {
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
    public void whoeverCouldNotShowWhoTheyAreIsNotSentALinkAndComesFirstInWhatIsWanted() {
        SignedIn other = person(Role.APPLICANT);
        ClaimView unreached = handInForRent(other, JsonColumn.object());
        Visitor mine = new Visitor(PORT, other.email());
        assertThat(wanted(mine).path(0).path("at").asString()).isEqualTo("others");
        assertThat(wanted(mine).path(0).path("sentence").asString())
                .startsWith("Please tell us how to reach whoever is asked for the signature of Ivo ");
        String at = "/api/my/claims/" + unreached.id() + "/others/m2";
        String wish = "{\"email\":\"%s\",\"phone\":\"%s\",\"personNumber\":\"\"}";
        Visitor.Answer alone = mine.post(at, wish.formatted("ivo." + other.email(), ""));
        assertThat(alone.status()).isEqualTo(422);
        assertThat(json(alone).path("path").asString()).isEqualTo("contact/phone");
        assertThat(mine.post(at, wish.formatted("ivo." + other.email(), "+99955512345"))
                        .status())
                .isEqualTo(200);
        assertThat(wanted(mine).toString()).doesNotContain("signature");
    }

    private JsonNode wanted(Visitor visitor) {
        return json(visitor.get("/api/my/claims")).path(0).path("wanted");
    }

    @Test
    public void anotherFormOrLinkOrDayBringsNoFurtherTries() throws Exception {
        Visitor mine = new Visitor(PORT, applicant.email());
        String form = "/api/my/claims/" + claim.id() + "/others/m2/form";
        Page byMail = new Page(linkTo(signer));
        byMail.confirm(BORN, "0000");
        byMail.confirm(BORN, "1111");
        Page printed = new Page(Scan.code(pdf(mine, form)));
        assertThat(printed.open().path("triesLeft").asInt()).isEqualTo(1);
        assertThat(printed.confirm(BORN, "2222").path("state").asString()).isEqualTo("CLOSED");
        assertThat(printed.confirm(BORN, last4()).path("state").asString()).isEqualTo("CLOSED");
        assertThat(mine.post(form, "").status()).as("no form of a closed ask").isEqualTo(403);
        lapseNow(claim, Ask.Kind.SIGNATURE, "min");
        await("it goes on", () -> claims.claim(claim.id()).state() == ClaimState.RECEIVED);
        assertThat(byMail.confirm(BORN, last4()).path("state").asString())
                .as("the day passed")
                .isEqualTo("CLOSED");
    }

    @Test
    public void onlyAWayOfTheirOwnOpensItAgain() {
        Page page = new Page(linkTo(signer));
        List.of("0000", "1111", "2222").forEach(wrong -> page.confirm(BORN, wrong));
        claim = taken(caseworker, claims.claim(claim.id()));
        Visitor desk = new Visitor(PORT, caseworker.email());
        String others = "/api/claims/" + claim.id() + "/others/m2";
        String wish = "{\"email\":\"%s\",\"phone\":\"\",\"personNumber\":\"\"}";
        assertThat(desk.post(others, wish.formatted("")).body()).contains("a way of their own");
        assertThat(desk.post(others, wish.formatted(applicant.email().toUpperCase(Locale.ROOT)))
                        .body())
                .contains("a way of their own");
        assertThat(page.confirm(BORN, last4()).path("state").asString()).isEqualTo("CLOSED");
        assertThat(desk.post(others, wish.formatted("own." + signer)).status()).isEqualTo(200);
        assertThat(new Page(linkTo("own." + signer))
                        .confirm(BORN, last4())
                        .path("state")
                        .asString())
                .isEqualTo("OPEN");
    }

    @Test
    public void anApplicantPrintsNoFormsWithoutEnd() {
        Visitor mine = new Visitor(PORT, applicant.email());
        String form = "/api/my/claims/" + claim.id() + "/others/m2/form";
        for (int printed = 0; printed < 5; printed++) {
            assertThat(pdf(mine, form)).isNotEmpty();
        }
        assertThat(mine.post(form, "").status()).isEqualTo(429);
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
    public void anApplicantCanNeitherChangeByWhichNumberTheySignNorSendLinksWithoutEnd() {
        Visitor mine = new Visitor(PORT, applicant.email());
        String wish = "{\"email\":\"%s\",\"phone\":\"\",\"personNumber\":\"29108803471\"}".formatted("mine." + signer);
        String others = "/api/my/claims/" + claim.id() + "/others/m2";
        for (int sent = 1; sent < 6; sent++) {
            assertThat(mine.post(others, wish).status()).isEqualTo(200);
            int reached = sent;
            await("it was sent", () -> carried("mine." + signer).size() == reached);
        }
        assertThat(mine.post(others, wish).status()).isEqualTo(429);
        Page page = new Page(linkTo("mine." + signer));
        assertThat(page.confirm(BORN, "3471").path("state").asString()).isEqualTo("CONFIRM");
        assertThat(page.confirm(BORN, last4()).path("state").asString()).isEqualTo("OPEN");
    }
}
