package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.JsonColumn;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.Test;

/** Signing up, by whoever wants an account and by whoever wants to know who has one. */
public class SignUpTest extends SigningIn {
    @Test
    public void theAnswerIsTheSameWhetherOrNotSomebodyHasTheAddressAndOnlyTheMailTells() throws Exception {
        SignedIn owner = person(Role.APPLICANT);
        String free = UUID.randomUUID() + "@post.example";
        MockHttpServletResponse known = askToSignUp(owner.email(), RIGHT);
        MockHttpServletResponse unknown = askToSignUp(free, RIGHT);
        assertThat(known.getStatus()).isEqualTo(unknown.getStatus()).isEqualTo(202);
        assertThat(known.getContentAsString()).hasSameSizeAs(unknown.getContentAsString());
        assertThat(known.getHeaderNames()).containsExactlyInAnyOrderElementsOf(unknown.getHeaderNames());
        assertThat(wordTo(owner.email())).contains("has one").doesNotContainPattern("\\b[0-9]{6}\\b");
        assertThat(wordTo(free)).containsPattern("\\b[0-9]{6}\\b");
        for (MockHttpServletResponse begun : List.of(known, unknown)) {
            String token =
                    JsonColumn.read(begun.getContentAsString()).path("token").asString();
            assertThat(confirmed(token, "000000x").getContentAsString()).contains("This is not the code");
        }
        assertThat(signIn(owner.email(), RIGHT, "198.51.100.30").getStatus()).isEqualTo(200);
    }

    @Test
    public void fiveWrongCodesAreEnoughAndTheRightOneComesTooLate() throws Exception {
        String email = UUID.randomUUID() + "@post.example";
        String token = JsonColumn.read(askToSignUp(email, RIGHT).getContentAsString())
                .path("token")
                .asString();
        String code = codeSentTo(email);
        String wrong = code.equals("123456") ? "654321" : "123456";
        for (int i = 0; i < 5; i++) {
            assertThat(confirmed(token, wrong).getStatus()).isEqualTo(422);
        }
        assertThat(confirmed(token, code).getStatus()).isEqualTo(422);
        assertThat(accounts.find(email)).isEmpty();
    }

    @Test
    public void nothingIsMadeBeforeTheCodeIsTyped() throws Exception {
        String email = UUID.randomUUID() + "@post.example";
        assertThat(askToSignUp(email, RIGHT).getStatus()).isEqualTo(202);
        assertThat(accounts.find(email)).isEmpty();
        assertThat(signIn(email, RIGHT, "198.51.100.31").getStatus()).isEqualTo(401);
    }
}
