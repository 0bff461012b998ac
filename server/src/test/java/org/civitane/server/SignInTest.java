package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;

import jakarta.servlet.http.Cookie;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Signing in and up, as the owner of an account and as whoever would like to be. */
public class SignInTest extends SigningIn {
    @Test
    public void theTokenOfAPageIsNewWithEachSignInAndBelongsToItsSession() {
        SignedIn who = person(Role.APPLICANT);
        Visitor page = new Visitor(PORT);
        String before = page.token();
        page.signIn(who.email());
        assertThat(page.token()).isNotEqualTo(before);
        String ofAnother = new Visitor(PORT, person(Role.APPLICANT).email()).token();
        for (String wrong : List.of(before, ofAnother)) {
            assertThat(page.send(
                                    "/api/account/sessions",
                                    request -> request.setHeader("X-XSRF-TOKEN", wrong)
                                            .DELETE())
                            .status())
                    .isEqualTo(403);
        }
        assertThat(page.send("DELETE", "/api/account/sessions", "").status()).isBetween(200, 204);
    }

    @Test
    public void thatASessionWasUsedIsWrittenDownOnceAMinute() {
        SignedIn who = person(Role.CASEWORKER);
        Visitor page = new Visitor(PORT, who.email());
        long entered = lastUsed(who);
        page.get("/api/day-sheet");
        assertThat(lastUsed(who)).as("within the minute").isEqualTo(entered);
        database.sql("update spring_session set last_access_time = last_access_time - 60000 where principal_name = ?")
                .param(who.getName())
                .update();
        page.get("/api/day-sheet");
        assertThat(lastUsed(who)).as("a minute later").isGreaterThanOrEqualTo(entered);
        database.sql("update spring_session set last_access_time = last_access_time - 3600001 where principal_name = ?")
                .param(who.getName())
                .update();
        assertThat(page.get("/api/day-sheet").status()).as("unused for an hour").isEqualTo(401);
    }

    private long lastUsed(SignedIn who) {
        return database.sql("select last_access_time from spring_session where principal_name = ?")
                .param(who.getName())
                .query(Long.class)
                .single();
    }

    @Test
    public void ofThirtyGuessesAtOnceFiveAreLookedAt() throws Exception {
        SignedIn owner = person(Role.CASEWORKER);
        try (ExecutorService attackers = Executors.newFixedThreadPool(30)) {
            Callable<Integer> guess =
                    () -> signIn(owner.email(), "wrong", "203.0.113.20").getStatus();
            List<Integer> answers = attackers.invokeAll(Collections.nCopies(30, guess)).stream()
                    .map(SignInTest::of)
                    .toList();
            assertThat(answers).filteredOn(status -> status == 401).hasSize(5);
            assertThat(answers).filteredOn(status -> status == 429).hasSize(25);
        }
        MockHttpServletResponse refused = signIn(owner.email(), RIGHT, "203.0.113.20");
        assertThat(refused.getStatus()).isEqualTo(429);
        assertThat(Integer.parseInt(refused.getHeader("Retry-After"))).isBetween(800, 901);
    }

    @Test
    public void whoeverGuessesFromEverywhereDoesNotLockTheOwnerOutOfTheirDevice() throws Exception {
        SignedIn owner = person(Role.CASEWORKER);
        Cookie device = signIn(owner.email(), RIGHT, "198.51.100.1").getCookie("civitane-device");
        assertThat(device.isHttpOnly()).isTrue();
        for (int i = 0; i < 25; i++) {
            signIn(owner.email(), "wrong", "203.0.113." + (30 + i));
        }
        assertThat(signIn(owner.email(), RIGHT, "203.0.113.99").getStatus())
                .as("from somewhere new it has to wait")
                .isEqualTo(429);
        assertThat(signIn(owner.email(), RIGHT, "203.0.113.98", device).getStatus())
                .isEqualTo(200);
        Cookie anothers =
                signIn(person(Role.CASEWORKER).email(), RIGHT, "198.51.100.2").getCookie("civitane-device");
        assertThat(signIn(owner.email(), RIGHT, "203.0.113.97", anothers).getStatus())
                .as("with the device of another account too")
                .isEqualTo(429);
    }

    @Test
    public void whoeverGuessesFromAKnownDeviceIsSlowedDownToo() throws Exception {
        SignedIn owner = person(Role.APPLICANT);
        Cookie device = signIn(owner.email(), RIGHT, "198.51.100.3").getCookie("civitane-device");
        for (int i = 0; i < 5; i++) {
            assertThat(signIn(owner.email(), "wrong", "198.51.100.3", device).getStatus())
                    .isEqualTo(401);
        }
        assertThat(signIn(owner.email(), RIGHT, "198.51.100.3", device).getStatus())
                .isEqualTo(429);
    }

    @Test
    public void aLongPasswordCountsToItsLastSign() throws Exception {
        String email = UUID.randomUUID() + "@post.example";
        String password = "mørke skjær under månen ".repeat(5);
        assertThat(signUp(email, password + "a").getStatus()).isEqualTo(201);
        assertThat(signIn(email, password + "b", "198.51.100.4").getStatus()).isEqualTo(401);
        assertThat(signIn(email, password + "a", "198.51.100.4").getStatus()).isEqualTo(200);
    }

    @Test
    public void whatWasHashedInAnOlderWayIsHashedAnew() throws Exception {
        SignedIn owner = person(Role.APPLICANT);
        database.sql("update account set password_hash = ? where id = ?")
                .params("{bcrypt}" + new BCryptPasswordEncoder(4).encode(RIGHT), owner.account())
                .update();
        assertThat(signIn(owner.email(), RIGHT, "198.51.100.5").getStatus()).isEqualTo(200);
        assertThat(database.sql("select password_hash from account where id = ?")
                        .param(owner.account())
                        .query(String.class)
                        .single())
                .startsWith("{argon2}");
        assertThat(signIn(owner.email(), RIGHT, "198.51.100.5").getStatus()).isEqualTo(200);
    }

    @DataProvider
    Object[][] weak() {
        return new Object[][] {
            {"password1234"},
            {"halvern-demo-2026"},
            {"            "},
            {"aaaaaaaaaaaaaaaa"},
            {"abcabcabcabcabc"},
            {"selma.vinter@post.example"},
            {"selmavinter1990"},
            {"qwertyuiop123"},
            {"short"}
        };
    }

    @Test(dataProvider = "weak")
    public void whatCanBeGuessedIsRefused(String password) throws Exception {
        MockHttpServletResponse answer = askToSignUp("selma.vinter@post.example", password);
        assertThat(answer.getStatus()).isEqualTo(422);
        assertThat(answer.getContentAsString()).contains("\"path\":\"password\"");
    }

    @Test
    public void anAddressThatOnlyLooksLikeAnotherIsRefusedAndTheSameOneIsTheSame() throws Exception {
        String email = UUID.randomUUID() + "@post.example";
        assertThat(askToSignUp(email.replace("@", "\u200B@"), RIGHT).getStatus())
                .isEqualTo(422);
        assertThat(signUp(email, RIGHT).getStatus()).isEqualTo(201);
        assertThat(signIn(email.toUpperCase().replace("POST", "ＰＯＳＴ") + " ", RIGHT, "198.51.100.6")
                        .getStatus())
                .isEqualTo(200);
    }

    @Test
    public void accountsWithoutEndAreNotMadeFromOneNetwork() throws Exception {
        database.sql("insert into sign_up (address, at) select '203.0.113.200', now() from generate_series(1, 1000)")
                .update();
        MockHttpServletResponse answer =
                sent("/api/account", wish(UUID.randomUUID() + "@post.example", RIGHT), "203.0.113.200");
        assertThat(answer.getStatus()).isEqualTo(429);
        assertThat(answer.getHeader("Retry-After")).isNotNull();
    }

    @Test
    public void aSessionEndsTwelveHoursAfterSigningInAndOneThatIsEndedLeavesNothing() throws Exception {
        SignedIn owner = person(Role.CASEWORKER);
        Cookie session = signIn(owner.email(), RIGHT, "198.51.100.7").getCookie("civitane");
        assertThat(who(session)).contains(owner.email());
        assertThat(clock.at(clock.localNow().plusHours(12).plusMinutes(1), () -> who(session)))
                .doesNotContain(owner.email());
        assertThat(who(session)).doesNotContain(owner.email());
        Cookie again = signIn(owner.email(), RIGHT, "198.51.100.7").getCookie("civitane");
        assertThat(http.perform(delete("/api/session").with(csrf()).cookie(again))
                        .andReturn()
                        .getResponse()
                        .getHeader("Clear-Site-Data"))
                .contains("storage");
        assertThat(who(again)).doesNotContain(owner.email());
    }

    private static int of(Future<Integer> answer) {
        try {
            return answer.get();
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }
}
