package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.function.UnaryOperator;

/** Someone at a server, over real HTTP. */
final class Visitor {
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String address;

    /** What came back. @param status 0 when nobody answered */
    record Answer(int status, String body, HttpResponse<?> response) {}

    /** Somebody whom the server does not know. */
    Visitor(int port) {
        this.address = "http://127.0.0.1:" + port;
        get("/api/session");
    }

    /** Signs in at once. @param email of someone whose password is that of all tests */
    Visitor(int port, String email) {
        this(port, email, "a password for tests");
    }

    /** Signs in at once. */
    Visitor(int port, String email, String password) {
        this.address = "http://127.0.0.1:" + port;
        get("/api/session");
        signIn(email, password);
    }

    /** Signs in, also as someone else than before. */
    void signIn(String email) {
        signIn(email, "a password for tests");
    }

    private void signIn(String email, String password) {
        String wish = "{\"email\":\"%s\",\"password\":\"%s\"}".formatted(email, password);
        Answer answer = post("/api/session", wish);
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        get("/api/session");
    }

    Answer get(String path) {
        return send(request(path));
    }

    /** Sends JSON. */
    Answer post(String path, String json) {
        return send("POST", path, json);
    }

    /** Sends JSON by any method. */
    Answer send(String method, String path, String json) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(json, StandardCharsets.UTF_8)));
    }

    /** Sends a file. */
    Answer upload(String path, String name, byte[] contents) {
        return send(request(path)
                .header("Content-Type", "application/octet-stream")
                .header("Content-Disposition", "attachment; filename=\"" + name + "\"")
                .POST(HttpRequest.BodyPublishers.ofByteArray(contents)));
    }

    /** Sends whatever is made of a request that has the cookies and the token. */
    Answer send(String path, UnaryOperator<HttpRequest.Builder> made) {
        return send(made.apply(request(path)));
    }

    /** By which a page shows that what it sends is its own. */
    String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path)).header("X-XSRF-TOKEN", token());
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<byte[]> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            return new Answer(answer.statusCode(), new String(answer.body(), StandardCharsets.UTF_8), answer);
        } catch (IOException e) {
            return new Answer(0, "", null);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return new Answer(0, "", null);
        }
    }
}
