import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Asks one server, or two in turn, for day sheets, names, desks and papers, one question after the other, and prints
 * percentiles. Bounded in count. Arguments: for each server its address and the id of its largest claim.
 */
public class Load {
    private static final int ROUNDS = 300;
    private static final int A_TURN = 50;
    private static final Pattern VERSION = Pattern.compile("\"version\":(\\d+)");

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String address;
    private final String large;
    private String desk = "";

    private Load(String address, String large) throws Exception {
        this.address = address;
        this.large = "/api/claims/" + large;
        ask(HttpRequest.newBuilder(URI.create(address + "/api/session")));
        post("/api/session", "{\"email\":\"asa.mikkel@halvern.example\",\"password\":\"halvern-demo-2026\"}");
    }

    public static void main(String[] arguments) throws Exception {
        List<Load> servers = new ArrayList<>();
        for (int i = 0; i + 1 < arguments.length; i += 2) {
            servers.add(new Load(arguments[i], arguments[i + 1]));
        }
        List<List<String>> pages = new ArrayList<>();
        for (Load server : servers) {
            pages.add(server.pages());
            server.desk = server.get(server.large + "/desk");
        }
        List<String> names = List.of("thorsdal", "marisol qental", "ferera lund", "hakon bjarkan");
        List<String> numbers = List.of("SM-25-04711", "04711");
        inTurns("day sheet, mine", servers, (server, i) -> server.get("/api/day-sheet?mine=true"));
        inTurns("day sheet, office", servers, (server, i) -> server.get("/api/day-sheet?mine=false"));
        inTurns("search by name", servers, (server, i) -> server.search(names.get(i % names.size())));
        inTurns("search by number", servers, (server, i) -> server.search(numbers.get(i % numbers.size())));
        inTurns("desk, large claim", servers, (server, i) -> server.get(server.large + "/desk"));
        inTurns("a page of a paper", servers, (server, i) -> {
            List<String> of = pages.get(servers.indexOf(server));
            return server.get(of.get(i % of.size()));
        });
        inTurns("settle, of nine", servers, Load::settle);
    }

    private interface Deed {
        String done(Load server, int round) throws Exception;
    }

    private static void inTurns(String what, List<Load> servers, Deed deed) throws Exception {
        long[][] times = new long[servers.size()][ROUNDS];
        for (int turn = -A_TURN; turn < ROUNDS; turn += A_TURN) {
            for (int s = 0; s < servers.size(); s++) {
                for (int i = turn; i < turn + A_TURN; i++) {
                    long start = System.nanoTime();
                    deed.done(servers.get(s), i + A_TURN);
                    if (i >= 0) {
                        times[s][i] = System.nanoTime() - start;
                    }
                }
            }
        }
        for (int s = 0; s < servers.size(); s++) {
            Arrays.sort(times[s]);
            System.out.printf("%d %-18s median %6.1f ms   95th percentile %6.1f ms%n", s + 1, what, times[s][ROUNDS / 2] / 1e6, times[s][ROUNDS * 95 / 100] / 1e6);
        }
    }

    /** First pages of papers that the demo's household sent. */
    private List<String> pages() throws Exception {
        Matcher claims = Pattern.compile("\"id\":\"([0-9a-f-]{36})\",\"number\":\"(?:FA|SM)-26").matcher(get("/api/day-sheet?mine=true"));
        List<String> pages = new ArrayList<>();
        while (claims.find() && pages.size() < 10) {
            String claim = "/api/claims/" + claims.group(1);
            Matcher paper = Pattern.compile("\"papers\":\\[\\{\"id\":\"([0-9a-f-]{36})\"").matcher(get(claim + "/evidence"));
            if (paper.find()) {
                pages.add(claim + "/papers/" + paper.group(1) + "/picture?page=1");
            }
        }
        return pages;
    }

    private String search(String words) throws Exception {
        return post("/api/search", "{\"words\":\"" + words + "\"}");
    }

    /** Settles one of nine differences on figures never seen before and takes it back, in turn: each answer holds the whole desk with what matters now. */
    private String settle(int i) throws Exception {
        Matcher version = VERSION.matcher(desk);
        if (!version.find()) {
            throw new IllegalStateException("The desk has no version: " + desk);
        }
        String fact = "\"version\":" + version.group(1) + ",\"path\":\"incomes/w" + (1 + i / 2 % 3) + "/amount\"";
        boolean settled = i % 2 != 0;
        desk = settled ? post(large + "/unsettle", "{" + fact + "}") : post(large + "/settle", "{" + fact + ",\"view\":\"TYPED\",\"value\":\"%d.50\",\"reason\":\"Seen.\"}".formatted(200 + i));
        return desk;
    }

    private String get(String path) throws Exception {
        return ask(HttpRequest.newBuilder(URI.create(address + path)));
    }

    private String post(String path, String body) throws Exception {
        String token = cookies.getCookieStore().getCookies().stream().filter(cookie -> cookie.getName().equals("XSRF-TOKEN")).findFirst().orElseThrow().getValue();
        return ask(HttpRequest.newBuilder(URI.create(address + path)).header("X-XSRF-TOKEN", token).header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    private String ask(HttpRequest.Builder request) throws Exception {
        HttpResponse<String> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() / 100 != 2) {
            throw new IllegalStateException(answer.uri() + ": " + answer.statusCode() + " " + answer.body());
        }
        return answer.body();
    }
}
