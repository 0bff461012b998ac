package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** What browsers keep of the screens, and what stands at an address that leads nowhere. */
public class PageFilesTest extends ServerTest {
    private static final Pattern SCRIPT = Pattern.compile("/assets/index-[\\w-]+\\.js");

    private final HttpClient browser = HttpClient.newHttpClient();

    @Test
    public void thePageIsNeverKeptAndWhatItNamesIsKeptForAYear() throws Exception {
        HttpResponse<String> page = get("/", "text/html");
        assertThat(page.headers().firstValue("Cache-Control"))
                .hasValueSatisfying(kept -> assertThat(kept).contains("no-cache"));
        Matcher script = SCRIPT.matcher(page.body());
        assertThat(script.find()).isTrue();
        assertThat(get(script.group(), "*/*").headers().firstValue("Cache-Control"))
                .hasValue("max-age=31536000, public, immutable");
        assertThat(get("/api/session", "application/json").headers().firstValue("Cache-Control"))
                .hasValueSatisfying(kept -> assertThat(kept).contains("no-store"));
    }

    @Test
    public void aWrongAddressIsAPageForPeopleAndAProblemForMachines() throws Exception {
        HttpResponse<String> page = get("/no/such/place", "text/html,application/xhtml+xml,*/*;q=0.8");
        assertThat(page.statusCode()).isEqualTo(404);
        assertThat(page.body()).contains("<div id=\"root\">");
        HttpResponse<String> problem = get("/api/no/such/place", "application/json");
        assertThat(problem.statusCode()).isIn(401, 404);
        assertThat(problem.headers().firstValue("Content-Type")).hasValue("application/problem+json");
        assertThat(get("/assets/none.js", "*/*").statusCode()).isEqualTo(404);
        assertThat(get("/no/such/place", "*/*").body()).contains("\"code\":\"");
    }

    @Test
    public void theFirstPageShowsWhatThereIsToApplyForBeforeAnyScriptHasCome() throws Exception {
        String page = get("/", "text/html").body();
        String offers = get("/api/programmes", "application/json").body();
        assertThat(page)
                .contains(offers.replace("<", "\\u003c"))
                .doesNotContain("{id}", "{name}", "{purpose}", "{told}");
        Matcher offer = Pattern.compile("\"id\":\"([^\"]+)\"").matcher(offers);
        assertThat(offer.results().map(found -> found.group(1)))
                .hasSizeGreaterThan(3)
                .allSatisfy(id -> assertThat(page).contains("href=\"/programmes/" + id + "\""));
    }

    @Test
    public void scriptsComeAsSmallAsTheBrowserUnderstandsThem() throws Exception {
        Matcher script = SCRIPT.matcher(get("/", "text/html").body());
        assertThat(script.find()).isTrue();
        HttpResponse<byte[]> plain = script(script.group(), "identity");
        HttpResponse<byte[]> small = script(script.group(), "gzip, br");
        assertThat(plain.headers().firstValue("Content-Encoding")).isEmpty();
        assertThat(small.headers().firstValue("Content-Encoding")).hasValue("br");
        assertThat(small.headers().allValues("Vary")).anyMatch(name -> name.equalsIgnoreCase("Accept-Encoding"));
        assertThat(small.headers().firstValue("Content-Type"))
                .isEqualTo(plain.headers().firstValue("Content-Type"));
        assertThat(small.body().length).isLessThan(plain.body().length / 3);
    }

    private HttpResponse<byte[]> script(String path, String encodings) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + PORT + path))
                .header("Accept-Encoding", encodings)
                .build();
        return browser.send(request, HttpResponse.BodyHandlers.ofByteArray());
    }

    private HttpResponse<String> get(String path, String accept) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + PORT + path))
                .header("Accept", accept)
                .build();
        return browser.send(request, HttpResponse.BodyHandlers.ofString());
    }
}
