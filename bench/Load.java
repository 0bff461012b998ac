import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Asks the server for its day sheet and for names, one after the other, and prints percentiles. Bounded in count. */
public class Load {
    private static final int ROUNDS = 300;
    private static final Pattern VERSION = Pattern.compile("\"version\":(\\d+)");

    public static void main(String[] arguments) throws Exception {
        String address = arguments[0];
        CookieManager cookies = new CookieManager();
        HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
        http.send(HttpRequest.newBuilder(URI.create(address + "/api/session")).build(), HttpResponse.BodyHandlers.discarding());
        String token = token(cookies);
        http.send(
                HttpRequest.newBuilder(URI.create(address + "/api/session")).header("X-XSRF-TOKEN", token).header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString("{\"email\":\"asa.mikkel@halvern.example\",\"password\":\"halvern-demo-2026\"}")).build(),
                HttpResponse.BodyHandlers.discarding());
        measure(http, "day sheet, mine", address, List.of("/api/day-sheet?mine=true"));
        measure(http, "day sheet, office", address, List.of("/api/day-sheet?mine=false"));
        search(http, "search by name", address, token(cookies), List.of("thorsdal", "marisol qental", "ferera lund", "hakon bjarkan"));
        search(http, "search by number", address, token(cookies), List.of("SM-25-04711", "04711"));
        measure(http, "desk, large claim", address, List.of("/api/claims/" + arguments[1] + "/desk"));
        measure(http, "a page of a paper", address, pages(http, address));
        settle(http, address + "/api/claims/" + arguments[1], token(cookies));
    }

    /** First pages of papers that the demo's household sent. */
    private static List<String> pages(HttpClient http, String address) throws Exception {
        String found = http.send(
                        HttpRequest.newBuilder(URI.create(address + "/api/day-sheet?mine=true")).build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
        Matcher claims = Pattern.compile("\"id\":\"([0-9a-f-]{36})\",\"number\":\"(?:FA|SM)-26").matcher(found);
        List<String> pages = new java.util.ArrayList<>();
        while (claims.find() && pages.size() < 10) {
            String claim = "/api/claims/" + claims.group(1);
            String evidence = http.send(
                            HttpRequest.newBuilder(URI.create(address + claim + "/evidence")).build(),
                            HttpResponse.BodyHandlers.ofString())
                    .body();
            Matcher paper = Pattern.compile("\"papers\":\\[\\{\"id\":\"([0-9a-f-]{36})\"").matcher(evidence);
            if (paper.find()) {
                pages.add(claim + "/papers/" + paper.group(1) + "/picture?page=1");
            }
        }
        return pages;
    }

    private static void search(HttpClient http, String what, String address, String token, List<String> words) throws Exception {
        long[] times = new long[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            String body = "{\"words\":\"" + words.get(i % words.size()) + "\"}";
            long start = System.nanoTime();
            HttpResponse<String> answer = http.send(
                    HttpRequest.newBuilder(URI.create(address + "/api/search")).header("X-XSRF-TOKEN", token).header("Content-Type", "application/json")
                            .POST(HttpRequest.BodyPublishers.ofString(body)).build(),
                    HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException("search: " + answer.statusCode() + " " + answer.body());
            }
            times[i] = System.nanoTime() - start;
        }
        print(what, times);
    }

    /** Settles one of nine differences on figures never seen before and takes it back, in turn: each answer holds the whole desk with what matters now. */
    private static void settle(HttpClient http, String claim, String token) throws Exception {
        String desk = http.send(HttpRequest.newBuilder(URI.create(claim + "/desk")).build(), HttpResponse.BodyHandlers.ofString()).body();
        long[] times = new long[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            Matcher version = VERSION.matcher(desk);
            if (!version.find()) {
                throw new IllegalStateException("The desk has no version: " + desk);
            }
            String fact = "\"version\":" + version.group(1) + ",\"path\":\"incomes/w" + (1 + i / 2 % 3) + "/amount\"";
            boolean settled = i % 2 != 0;
            String body = settled ? "{" + fact + "}" : "{" + fact + ",\"view\":\"TYPED\",\"value\":\"%d.50\",\"reason\":\"Seen.\"}".formatted(200 + i);
            long start = System.nanoTime();
            HttpResponse<String> answer = http.send(
                    HttpRequest.newBuilder(URI.create(claim + (settled ? "/unsettle" : "/settle"))).header("X-XSRF-TOKEN", token).header("Content-Type", "application/json")
                            .POST(HttpRequest.BodyPublishers.ofString(body)).build(),
                    HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException("settle: " + answer.statusCode() + " " + answer.body());
            }
            times[i] = System.nanoTime() - start;
            desk = answer.body();
        }
        print("settle, of nine", times);
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
        print(what, times);
    }

    private static String token(CookieManager cookies) {
        return cookies.getCookieStore().getCookies().stream().filter(cookie -> cookie.getName().equals("XSRF-TOKEN")).findFirst().orElseThrow().getValue();
    }

    private static void print(String what, long[] times) {
        Arrays.sort(times);
        System.out.printf("%-18s median %6.1f ms   95th percentile %6.1f ms%n", what, times[ROUNDS / 2] / 1e6, times[ROUNDS * 95 / 100] / 1e6);
    }
}
