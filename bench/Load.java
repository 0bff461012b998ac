import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.List;

/** Asks the server for its day sheet and for names, one after the other, and prints percentiles. Bounded in count. */
public class Load {
    private static final int ROUNDS = 300;

    public static void main(String[] arguments) throws Exception {
        String address = arguments[0];
        CookieManager cookies = new CookieManager();
        HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
        http.send(HttpRequest.newBuilder(URI.create(address + "/api/session")).build(), HttpResponse.BodyHandlers.discarding());
        String token = cookies.getCookieStore().getCookies().stream().filter(cookie -> cookie.getName().equals("XSRF-TOKEN")).findFirst().orElseThrow().getValue();
        http.send(
                HttpRequest.newBuilder(URI.create(address + "/api/session")).header("X-XSRF-TOKEN", token).header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString("{\"email\":\"asa.mikkel@halvern.example\",\"password\":\"halvern-demo-2026\"}")).build(),
                HttpResponse.BodyHandlers.discarding());
        measure(http, "day sheet, mine", address, List.of("/api/day-sheet?mine=true"));
        measure(http, "day sheet, office", address, List.of("/api/day-sheet?mine=false"));
        measure(http, "search by name", address, List.of("/api/search?q=thorsdal", "/api/search?q=marisol+qental", "/api/search?q=ferera+lund", "/api/search?q=hakon+bjarkan"));
        measure(http, "search by number", address, List.of("/api/search?q=SM-25-04711", "/api/search?q=04711"));
        measure(http, "desk, large claim", address, List.of("/api/claims/" + arguments[1] + "/desk"));
    }

    private static void measure(HttpClient http, String what, String address, List<String> paths) throws Exception {
        long[] times = new long[ROUNDS];
        for (int i = -30; i < ROUNDS; i++) {
            long start = System.nanoTime();
            HttpResponse<String> answer = http.send(HttpRequest.newBuilder(URI.create(address + paths.get(Math.floorMod(i, paths.size())))).build(), HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(what + ": " + answer.statusCode());
            }
            if (i >= 0) {
                times[i] = System.nanoTime() - start;
            }
        }
        Arrays.sort(times);
        System.out.printf("%-18s median %6.1f ms   95th percentile %6.1f ms%n", what, times[ROUNDS / 2] / 1e6, times[ROUNDS * 95 / 100] / 1e6);
    }
}
