package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.Test;

/** What a proxy forwards is believed of one that is named, and of nobody else. */
public class ProxyTest extends ServerTest {
    private static final String FORWARDED = "203.0.113.77";

    @Autowired
    private JdbcClient database;

    @Test
    public void ofANamedProxyTheAddressCountsAndTheCookieIsForTlsAlone() throws Exception {
        SignedIn owner = person(Role.APPLICANT);
        try (OtherServer server = server(List.of(
                "--server.forward-headers-strategy=native",
                "--server.tomcat.remoteip.internal-proxies=127\\.0\\.0\\.1"))) {
            HttpResponse<String> answer = signIn(server, owner);
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.headers().firstValue("Strict-Transport-Security")).isPresent();
            assertThat(answer.headers().allValues("Set-Cookie"))
                    .allSatisfy(cookie -> assertThat(cookie).contains("Secure"));
            assertThat(usedFrom(owner)).isEqualTo(FORWARDED);
        }
    }

    @Test
    public void whatAnybodyElseForwardsCountsForNothing() throws Exception {
        SignedIn owner = person(Role.APPLICANT);
        try (OtherServer server = server(List.of())) {
            HttpResponse<String> answer = signIn(server, owner);
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.headers().firstValue("Strict-Transport-Security")).isEmpty();
            assertThat(usedFrom(owner)).isEqualTo("127.0.0.1");
        }
    }

    private OtherServer server(List<String> more) throws IOException {
        OtherServer server =
                OtherServer.start(System.getenv("CIVITANE_TEST_DATABASE_URL"), Ports.free(), STORE, "standins", more);
        await("the server answers", server::answers);
        return server;
    }

    private String usedFrom(SignedIn owner) {
        return database.sql("select address from sign_in where account_id = ? order by at desc limit 1")
                .param(owner.account())
                .query(String.class)
                .single();
    }

    private static HttpResponse<String> signIn(OtherServer server, SignedIn owner) throws Exception {
        URI address = URI.create("http://127.0.0.1:" + server.port() + "/api/session");
        try (HttpClient client = HttpClient.newHttpClient()) {
            String token = client
                    .send(HttpRequest.newBuilder(address).build(), HttpResponse.BodyHandlers.discarding())
                    .headers()
                    .allValues("Set-Cookie")
                    .stream()
                    .filter(cookie -> cookie.startsWith("XSRF-TOKEN="))
                    .map(cookie -> cookie.substring("XSRF-TOKEN=".length(), cookie.indexOf(';')))
                    .findFirst()
                    .orElseThrow();
            HttpRequest request = HttpRequest.newBuilder(address)
                    .header("Content-Type", "application/json")
                    .header("X-Forwarded-For", FORWARDED)
                    .header("X-Forwarded-Proto", "https")
                    .header("Cookie", "XSRF-TOKEN=" + token)
                    .header("X-XSRF-TOKEN", token)
                    .POST(HttpRequest.BodyPublishers.ofString(
                            "{\"email\":\"%s\",\"password\":\"a password for tests\"}".formatted(owner.email())))
                    .build();
            return client.send(request, HttpResponse.BodyHandlers.ofString());
        }
    }
}
