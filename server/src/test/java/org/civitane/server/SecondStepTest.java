package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import jakarta.servlet.http.Cookie;
import java.security.InvalidKeyException;
import java.time.Instant;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.JsonColumn;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The second step of signing in, in the hands of its owner and of whoever knows the password alone. */
public class SecondStepTest extends SigningIn {
    private static final String NETWORK = "198.51.100.40";
    private static final int HALF_A_MINUTE = 30;

    @Test
    public void withThePasswordAloneNobodyIsIn() throws Exception {
        SignedIn owner = person(Role.CASEWORKER);
        String secret = setUpApp(owner);
        MockHttpServletResponse halfway = signIn(owner.email(), RIGHT, NETWORK);
        JsonNode session = JsonColumn.read(halfway.getContentAsString());
        assertThat(session.path("role").isNull() || session.path("role").isMissingNode())
                .isTrue();
        assertThat(session.path("step").path("kind").asString()).isEqualTo("APP");
        assertThat(session.toString()).doesNotContain(owner.displayName()).doesNotContain("shown\":\"");
        Cookie half = halfway.getCookie("civitane");
        for (String path : new String[] {"/api/day-sheet", "/api/account/sessions", "/api/my/claims"}) {
            assertThat(http.perform(get(path).cookie(half))
                            .andReturn()
                            .getResponse()
                            .getStatus())
                    .as(path)
                    .isEqualTo(403);
        }
        String wish = "{\"kind\":\"APP\",\"phone\":\"\",\"password\":\"" + RIGHT + "\"}";
        assertThat(sent("/api/account/second-factor", wish, NETWORK, half).getStatus())
                .isEqualTo(403);
        assertThat(code(half, codeOf(secret, 1)).getStatus()).isEqualTo(200);
        Cookie in = code(signIn(owner.email(), RIGHT, NETWORK).getCookie("civitane"), codeOf(secret, 1))
                .getCookie("civitane");
        assertThat(in).as("a code is good once").isNull();
    }

    @Test
    public void guessingTheCodeIsSlowedDownHoweverOftenThePasswordIsGiven() throws Exception {
        SignedIn owner = person(Role.CASEWORKER);
        setUpApp(owner);
        int looked = 0;
        for (int i = 0; i < 8; i++) {
            MockHttpServletResponse halfway = signIn(owner.email(), RIGHT, "198.51.100.41");
            if (halfway.getStatus() == 200
                    && code(halfway.getCookie("civitane"), "000000", "198.51.100.41")
                                    .getStatus()
                            == 422) {
                looked++;
            }
        }
        assertThat(looked).isEqualTo(5);
    }

    @Test
    public void aRecoveryCodeLetsInOnceAndASessionIsNewAfterTheStep() throws Exception {
        SignedIn owner = person(Role.APPLICANT);
        JsonNode on = setUp(owner, "EMAIL", "");
        assertThat(on.path("recovery")).hasSize(8);
        String recovery = on.path("recovery").get(0).asString().toLowerCase().replace("-", " ");
        Cookie half = signIn(owner.email(), RIGHT, NETWORK).getCookie("civitane");
        MockHttpServletResponse in = code(half, recovery);
        assertThat(in.getStatus()).isEqualTo(200);
        assertThat(in.getCookie("civitane").getValue()).isNotEqualTo(half.getValue());
        assertThat(who(half)).doesNotContain(owner.email());
        assertThat(who(in.getCookie("civitane"))).contains(owner.email());
        Cookie again = signIn(owner.email(), RIGHT, NETWORK).getCookie("civitane");
        assertThat(code(again, recovery).getStatus()).isEqualTo(422);
    }

    @Test
    public void aCodeByMailOrTextIsGoodOnceAndGoesWhereItIsConfirmed() throws Exception {
        SignedIn owner = person(Role.APPLICANT);
        String phone = "+47" + Math.abs(owner.email().hashCode() % 90_000_000 + 10_000_000);
        setUp(owner, "TEXT", phone);
        MockHttpServletResponse halfway = signIn(owner.email(), RIGHT, NETWORK);
        assertThat(JsonColumn.read(halfway.getContentAsString())
                        .path("step")
                        .path("where")
                        .asString())
                .endsWith(phone.substring(phone.length() - 2))
                .doesNotContain(phone);
        String first = wordTo(phone);
        await("another code", () -> !wordTo(phone).equals(first) || sentTo(phone) > 1);
        String code = codeSentTo(phone);
        assertThat(code(halfway.getCookie("civitane"), code).getStatus()).isEqualTo(200);
        Cookie again = signIn(owner.email(), RIGHT, NETWORK).getCookie("civitane");
        assertThat(code(again, code).getStatus()).isEqualTo(422);
    }

    @Test
    public void withoutThePasswordAStolenSessionSetsUpNothing() throws Exception {
        SignedIn owner = person(Role.APPLICANT);
        Cookie session = signIn(owner.email(), RIGHT, NETWORK).getCookie("civitane");
        String wish = "{\"kind\":\"EMAIL\",\"phone\":\"\",\"password\":\"a guess of another\"}";
        assertThat(sent("/api/account/second-factor", wish, NETWORK, session).getStatus())
                .isEqualTo(422);
        assertThat(sent("/api/account/second-factor/end", "{\"password\":\"a guess of another\"}", NETWORK, session)
                        .getStatus())
                .isEqualTo(422);
    }

    private long sentTo(String phone) {
        return carrier.carried().stream()
                .filter(each -> each.recipient().equals(phone))
                .count();
    }

    private MockHttpServletResponse code(Cookie session, String code) throws Exception {
        return code(session, code, NETWORK);
    }

    private MockHttpServletResponse code(Cookie session, String code, String network) throws Exception {
        return sent("/api/session/code", "{\"code\":\"" + code + "\"}", network, session);
    }

    private String setUpApp(SignedIn owner) throws Exception {
        Cookie session = signIn(owner.email(), RIGHT, NETWORK).getCookie("civitane");
        String secret = begun(session, "APP", "").path("secret").asString();
        assertThat(shown(session, codeOf(secret, 0)).getStatus()).isEqualTo(200);
        return secret;
    }

    /** @return what it says when it is in force */
    private JsonNode setUp(SignedIn owner, String kind, String phone) throws Exception {
        Cookie session = signIn(owner.email(), RIGHT, NETWORK).getCookie("civitane");
        begun(session, kind, phone);
        String code = codeSentTo(phone.isEmpty() ? owner.email() : phone);
        MockHttpServletResponse on = shown(session, code);
        assertThat(on.getStatus()).isEqualTo(200);
        return JsonColumn.read(on.getContentAsString());
    }

    private JsonNode begun(Cookie session, String kind, String phone) throws Exception {
        String wish = "{\"kind\":\"%s\",\"phone\":\"%s\",\"password\":\"%s\"}".formatted(kind, phone, RIGHT);
        MockHttpServletResponse begun = sent("/api/account/second-factor", wish, NETWORK, session);
        assertThat(begun.getStatus()).isEqualTo(200);
        return JsonColumn.read(begun.getContentAsString());
    }

    private MockHttpServletResponse shown(Cookie session, String code) throws Exception {
        return http.perform(put("/api/account/second-factor")
                        .with(csrf())
                        .cookie(session)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"code\":\"" + code + "\"}"))
                .andReturn()
                .getResponse();
    }

    /** What an app shows so many half minutes from now. */
    private static String codeOf(String secret, int later) throws InvalidKeyException {
        return new TimeBasedOneTimePasswordGenerator()
                .generateOneTimePasswordString(
                        new SecretKeySpec(new Base32().decode(secret), "RAW"),
                        Instant.now().plusSeconds((long) later * HALF_A_MINUTE));
    }
}
