package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import jakarta.servlet.http.Cookie;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.standins.Carrier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A password that is forgotten, changed, or known to someone who should not know it. */
public class PasswordTest extends SigningIn {
    private static final String NEW = "seven herons over the quay";
    private static final Pattern LINK = Pattern.compile("/new-password#([A-Za-z0-9_-]{43})");

    @Autowired
    private Carrier carrier;

    private SignedIn owner;
    private int asked;

    @BeforeMethod
    void someone() {
        owner = person(Role.APPLICANT);
    }

    @Test
    public void aLinkSetsItOnceAndWhoeverWasSignedInIsNotAnyMore() throws Exception {
        Cookie before = signIn(owner.email(), RIGHT, "198.51.100.20").getCookie("civitane");
        String token = linkTo(owner.email());
        assertThat(byLink(token, "password1234").getStatus()).isEqualTo(422);
        assertThat(byLink(token, NEW).getStatus()).isEqualTo(204);
        assertThat(who(before)).doesNotContain(owner.email());
        assertThat(signIn(owner.email(), RIGHT, "198.51.100.20").getStatus()).isEqualTo(401);
        assertThat(signIn(owner.email(), NEW, "198.51.100.20").getStatus()).isEqualTo(200);
        assertThat(byLink(token, "nine swans below the bridge").getContentAsString())
                .contains("\"path\":\"token\"");
    }

    @Test
    public void aLinkIsOverAfterAnHourAndWhenAnotherWasUsed() throws Exception {
        String first = linkTo(owner.email());
        assertThat(clock.at(
                        clock.localNow().plusMinutes(61),
                        () -> byLink(first, NEW).getStatus()))
                .isEqualTo(422);
        String second = linkTo(owner.email());
        assertThat(second).isNotEqualTo(first);
        assertThat(byLink(second, NEW).getStatus()).isEqualTo(204);
        assertThat(byLink(first, "nine swans below the bridge").getStatus()).isEqualTo(422);
        assertThat(byLink("A".repeat(43), NEW).getStatus()).isEqualTo(422);
    }

    @Test
    public void whoeverAsksForAnAddressThatNobodyHasIsToldTheSame() throws Exception {
        String nobody = UUID.randomUUID() + "@post.example";
        MockHttpServletResponse known = forgotten(owner.email());
        MockHttpServletResponse unknown = forgotten(nobody);
        assertThat(unknown.getStatus()).isEqualTo(known.getStatus()).isEqualTo(202);
        assertThat(unknown.getContentAsString()).isEqualTo(known.getContentAsString());
        await(
                "both are answered",
                () -> database.sql("select count(*) from password_ask")
                                .query(Integer.class)
                                .single()
                        == 0);
        assertThat(carrier.carried())
                .extracting(Carrier.Sent::recipient)
                .contains(owner.email())
                .doesNotContain(nobody);
    }

    @Test
    public void nobodysMailboxIsFilledByWhoeverTypesTheirAddress() throws Exception {
        for (int i = 0; i < 7; i++) {
            assertThat(forgotten(owner.email()).getStatus()).isEqualTo(202);
        }
        await(
                "all are answered",
                () -> database.sql("select count(*) from password_ask")
                                .query(Integer.class)
                                .single()
                        == 0);
        assertThat(linksTo(owner.email())).hasSize(5);
    }

    @Test
    public void whoeverIsLockedOutByGuessesIsLetInByALink() throws Exception {
        for (int i = 0; i < 5; i++) {
            signIn(owner.email(), "wrong", "198.51.100.21");
        }
        assertThat(byLink(linkTo(owner.email()), NEW).getStatus()).isEqualTo(204);
        assertThat(signIn(owner.email(), NEW, "198.51.100.21").getStatus()).isEqualTo(200);
    }

    @Test
    public void itIsChangedByWhoeverKnowsItAndTheOtherSessionsEnd() throws Exception {
        Cookie here = signIn(owner.email(), RIGHT, "198.51.100.22").getCookie("civitane");
        Cookie there = signIn(owner.email(), RIGHT, "198.51.100.23").getCookie("civitane");
        assertThat(changed(here, "not it", NEW)).isEqualTo(422);
        assertThat(changed(here, RIGHT, "password1234")).isEqualTo(422);
        assertThat(who(there)).contains(owner.email());
        assertThat(changed(here, RIGHT, NEW)).isEqualTo(204);
        assertThat(who(here)).contains(owner.email());
        assertThat(who(there)).doesNotContain(owner.email());
    }

    @Test
    public void whatOneLeftOpenInATabIsNotDoneInTheNameOfWhoeverSignsInInAnother() throws Exception {
        SignedIn another = person(Role.APPLICANT);
        Cookie session = signIn(another.email(), RIGHT, "198.51.100.27").getCookie("civitane");
        MockHttpServletResponse refused = fromAPageOf(owner, session);
        assertThat(refused.getStatus()).isEqualTo(412);
        assertThat(refused.getContentAsString()).contains("other-account").doesNotContain("198.51.100.27");
        assertThat(fromAPageOf(another, session).getStatus()).isEqualTo(200);
    }

    private MockHttpServletResponse fromAPageOf(SignedIn whose, Cookie session) throws Exception {
        return http.perform(get("/api/account/sessions").cookie(session).header("X-Account", whose.account()))
                .andReturn()
                .getResponse();
    }

    @Test
    public void onesOwnSessionsAreSeenAndTheOthersCanBeEnded() throws Exception {
        Cookie here = signIn(owner.email(), RIGHT, "198.51.100.24").getCookie("civitane");
        Cookie there = signIn(owner.email(), RIGHT, "198.51.100.25").getCookie("civitane");
        Cookie anothers =
                signIn(person(Role.APPLICANT).email(), RIGHT, "198.51.100.26").getCookie("civitane");
        assertThat(places(here)).contains("198.51.100.24", "198.51.100.25").doesNotContain("198.51.100.26");
        http.perform(delete("/api/account/sessions").with(csrf()).cookie(here)).andReturn();
        assertThat(places(here)).contains("198.51.100.24").doesNotContain("198.51.100.25");
        assertThat(who(there)).doesNotContain(owner.email());
        assertThat(who(anothers)).contains("@");
    }

    private String places(Cookie session) throws Exception {
        return http.perform(get("/api/account/sessions").cookie(session))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private int changed(Cookie session, String before, String password) throws Exception {
        return http.perform(put("/api/account/password")
                        .with(csrf())
                        .cookie(session)
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(JsonColumn.object()
                                .put("before", before)
                                .put("password", password)
                                .toString()))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    private MockHttpServletResponse forgotten(String email) throws Exception {
        return sent(
                "/api/password/forgotten",
                JsonColumn.object().put("email", email).toString(),
                "198.51.100." + (30 + asked++ % 100));
    }

    private MockHttpServletResponse byLink(String token, String password) {
        try {
            return sent(
                    "/api/password",
                    JsonColumn.object()
                            .put("token", token)
                            .put("password", password)
                            .toString(),
                    "198.51.100.31");
        } catch (Exception e) {
            throw new AssertionError(e);
        }
    }

    private String linkTo(String email) throws Exception {
        int before = linksTo(email).size();
        assertThat(forgotten(email).getStatus()).isEqualTo(202);
        await("the link came", () -> linksTo(email).size() > before);
        return linksTo(email).getFirst();
    }

    private List<String> linksTo(String email) {
        return carrier.carried().stream()
                .filter(sent -> sent.recipient().equals(email))
                .map(sent -> LINK.matcher(sent.body()))
                .filter(Matcher::find)
                .map(found -> found.group(1))
                .toList();
    }
}
