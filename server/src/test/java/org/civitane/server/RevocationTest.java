package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.stream.Collectors;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.History;
import org.civitane.server.contact.Messages;
import org.civitane.server.documents.Issued;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A certificate that should not have been made out is revoked: by a supervisor alone, for good, and told to its holder. */
public class RevocationTest extends CertificateStories {
    private static final String WHY = "It was made out on a name that was not yours.";

    @Autowired
    private History history;

    @Autowired
    private Messages messages;

    private SignedIn supervisor;
    private Issued document;

    @BeforeMethod
    void makeOut() throws Exception {
        supervisor = person(Role.SUPERVISOR);
        var claim = granted("DESK", "HOLDER");
        did(payPage(claim), "pay");
        document = documents.of(claim.id()).getFirst();
    }

    @Test
    public void whoeverChecksItSeesThatItStandsNoMoreAndItsHolderIsToldWhy() throws Exception {
        assertThat(revoked(supervisor)).isEqualTo(204);
        assertThat(anyone(get("/api/check/" + document.number())).getContentAsString())
                .contains("\"REVOKED\"", "\"revokedOn\":\"" + clock.today() + "\"")
                .doesNotContain(WHY);
        assertThat(messages.of(document.claim()).getLast().body()).contains(document.number(), WHY);
        assertThat(answer(get("/api/my/claims/" + document.claim() + "/documents"), applicant)
                        .getContentAsString())
                .contains(WHY);
        assertThat(history.of(document.claim()).stream()
                        .map(line -> inWords(line.sentence()))
                        .collect(Collectors.joining("\n")))
                .contains("revoked " + document.number() + ": " + WHY);
    }

    @Test
    public void itIsRevokedOnceAndNeitherHandedOverNorMadeOutAnew() throws Exception {
        assertThat(revoked(supervisor)).isEqualTo(204);
        assertThat(revoked(supervisor)).isEqualTo(409);
        assertThat(answer(
                                post("/api/handovers/" + document.number() + "/given")
                                        .with(csrf())
                                        .contentType(MediaType.APPLICATION_JSON)
                                        .content("{\"shown\":\"Passport XH4410927\",\"to\":\"\",\"authorised\":false}"),
                                caseworker)
                        .getContentAsString())
                .contains("It was revoked. Do not hand it over");
        assertThat(answer(with("anew"), caseworker).getStatus()).isEqualTo(409);
        assertThat(documents.of(document.claim())).hasSize(1);
        assertThat(messages.of(document.claim())).hasSize(1);
    }

    @Test
    public void thatItWasDecidedLongAgoDoesNotKeepItStanding() throws Exception {
        database.sql("update claim set state = 'FULFILLED' where id = ?")
                .param(document.claim())
                .update();
        assertThat(revoked(supervisor)).isEqualTo(204);
    }

    @Test
    public void whoeverHasTheClaimCannotRevokeNorCanItsHolder() throws Exception {
        assertThat(revoked(caseworker)).isEqualTo(403);
        assertThat(revoked(applicant)).isEqualTo(403);
        assertThat(revoked(person(Role.AUDITOR))).isEqualTo(403);
        assertThat(anyone(get("/api/check/" + document.number())).getContentAsString())
                .contains("\"STANDS\"");
    }

    private int revoked(SignedIn who) throws Exception {
        return answer(with("revoke"), who).getStatus();
    }

    private MockHttpServletRequestBuilder with(String act) {
        return post("/api/claims/" + document.claim() + "/documents/" + document.id() + "/" + act)
                .with(csrf())
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"reason\":\"" + WHY + "\"}");
    }
}
