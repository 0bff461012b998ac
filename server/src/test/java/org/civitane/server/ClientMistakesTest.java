package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Mistakes of clients that once were told as the server's own, each as it was made. */
public class ClientMistakesTest extends LinkTest {
    @DataProvider
    Object[][] staffBodies() {
        return new Object[][] {
            {"PUT", "/fix-list", "{\"points\":[],\"dueOn\":\"2026-12-30\",\"then\":null}"},
            {"POST", "/settle", settle("receivedAt", "\"2026-12-01\"")},
            {"POST", "/settle", settle("receivedAt", "17")},
            {"POST", "/settle", settle("${x}", "\"x\"")},
            {"POST", "/settle", settle("incomes/${x:y}/amount", "\"x\"")},
            {"POST", "/settle", settle("{0,choice,", "\"{1} it's ${x}\"")},
            {"POST", "/settle", settle("/", "\"x\"")},
            {"POST", "/settle", settle("members/m1/dateOfBirth", "\"{0} ${x} it's\"")},
            {"POST", "/what-if", "{\"values\":[{\"path\":\"/\",\"value\":\"x\"}]}"},
            {"POST", "/what-if", "{\"values\":[{\"path\":\"\",\"value\":1}]}"},
            {"POST", "/what-if", "{\"values\":[{\"path\":\"{0}\",\"value\":{\"a\":null}}]}"},
            {"POST", "/what-if", "{\"values\":[{\"path\":\"hardship/since\",\"value\":\"{0} ${x} it's\"}]}"},
        };
    }

    @Test(dataProvider = "staffBodies")
    public void whatACaseworkerTypesWronglyIsToldAtItsField(String method, String path, String body) {
        claim = taken(caseworker, claims.claim(claim.id()));
        String now = body.replace("VERSION", String.valueOf(claim.version()));
        assertMistake(new Visitor(PORT, caseworker.email()).send(method, "/api/claims/" + claim.id() + path, now));
    }

    @Test
    public void nothingInAMapIsAMistakeOfWhoeverSentIt() {
        String token = linkTo(landlord);
        assertMistake(new Visitor(PORT)
                .post(
                        "/api/link/answer",
                        "{\"token\":\"%s\",\"said\":{\"name\":\"\",\"answers\":{\"takesPart\":null},\"remarks\":{}}}"
                                .formatted(token)));
        Visitor mine = new Visitor(PORT, applicant.email());
        assertMistake(mine.post("/api/programmes/paid-leave/screening", "{\"answers\":{\"reason\":null}}"));
        assertMistake(
                mine.send("PUT", "/api/my/claims/" + claim.id() + "/hours/2026-11-30", "{\"hours\":{\"a\":null}}"));
        assertMistake(mine.post(
                "/api/drafts/" + UUID.randomUUID() + "/plan", "{\"answers\":{},\"supposed\":{\"pattern\":null}}"));
    }

    @Test
    public void anAddressThatIsNoTextAndAPaperThatIsNotThereAreNotFoundOrRefused() {
        Visitor staff = new Visitor(PORT, caseworker.email());
        assertMistake(staff.get("/api/claims/" + claim.id() + "/papers/x?kind=%ff"));
        assertMistake(staff.get("/api/post-list?on=%ff"));
        assertMistake(staff.post("/api/post-list", "{\"documents\":[\"%s\"]}".formatted(UUID.randomUUID())));
    }

    @Test
    public void ofEightWishesForOneAccountOneMakesItAndTheOthersAreTold() throws Exception {
        String email = UUID.randomUUID() + "@post.example";
        List<String> tokens = IntStream.range(0, 8)
                .mapToObj(i -> json(new Visitor(PORT)
                                .post(
                                        "/api/account",
                                        "{\"email\":\"%s\",\"displayName\":\"Runa %d\",\"password\":\"a password for tests\"}"
                                                .formatted(email, i)))
                        .path("token")
                        .asString())
                .toList();
        await("all codes went out", () -> carried(email).size() == tokens.size());
        List<String> codes = carried(email).stream()
                .map(body -> body.replaceAll("(?s)^.*?\\b([0-9]{6})\\b.*$", "$1"))
                .toList();
        try (ExecutorService threads = Executors.newFixedThreadPool(tokens.size())) {
            List<Future<Integer>> answers = tokens.stream()
                    .map(token -> threads.submit(() -> confirmed(token, codes)))
                    .toList();
            List<Integer> all = new ArrayList<>();
            for (Future<Integer> answer : answers) {
                all.add(answer.get());
            }
            assertThat(all).allMatch(status -> status < 500).containsOnlyOnce(201);
        }
    }

    /** Nobody knows which code is of which wish: all are tried, as far as it goes. */
    private static int confirmed(String token, List<String> codes) {
        int status = 0;
        for (String code : codes) {
            status = new Visitor(PORT)
                    .post("/api/account/confirm", "{\"token\":\"%s\",\"code\":\"%s\"}".formatted(token, code))
                    .status();
            if (status != 422) {
                return status;
            }
        }
        return status;
    }

    private static String settle(String path, String value) {
        return "{\"version\":VERSION,\"path\":\"%s\",\"view\":\"TYPED\",\"value\":%s,\"reason\":\"{0} ${x} it's\"}"
                .formatted(path, value);
    }

    private static void assertMistake(Visitor.Answer answer) {
        assertThat(answer.status()).as(answer.body()).isBetween(400, 499);
        JsonNode problem = json(answer);
        assertThat(problem.path("detail").asString()).as(answer.body()).isNotBlank();
    }
}
