import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * One caseworker works at desks while others ask 75 times a second for 25 seconds: what the one waits for, alone and then.
 * Of two servers each takes two turns.
 */
public class Burst {
    private static final int A_SECOND = 75;
    private static final int SECONDS = 25;
    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\",\"number\":\"(?:FA|SM)-26");

    private final HttpClient http;
    private final String address;
    private final CookieManager cookies = new CookieManager();

    private Burst(String address, String email) throws Exception {
        this.address = address;
        this.http = HttpClient.newBuilder().cookieHandler(cookies).build();
        get("/api/session");
        post("/api/session", "{\"email\":\"" + email + "\",\"password\":\"halvern-demo-2026\"}");
        get("/api/session");
    }

    public static void main(String[] arguments) throws Exception {
        List<String> servers = Arrays.stream(arguments).filter(address -> !address.isEmpty()).toList();
        for (int turn = 0; turn < (servers.size() == 1 ? 1 : 2); turn++) {
            for (String address : servers) {
                System.out.println(servers.indexOf(address) + 1 + ":");
                burst(address);
            }
        }
    }

    private static void burst(String address) throws Exception {
        Burst worker = new Burst(address, "asa.mikkel@halvern.example");
        Burst colleague = new Burst(address, "joao.brattli@halvern.example");
        Burst applicant = new Burst(address, "runa.ostby@post.example");
        List<String> desks = ids(worker.get("/api/day-sheet?mine=true").body());
        List<String> others = ids(colleague.get("/api/day-sheet?mine=false").body());
        List<String> own = ids(applicant.get("/api/my/claims").body());
        work(worker, desks, 200);
        print("desk, alone", work(worker, desks, 200));
        AtomicInteger failed = new AtomicInteger();
        try (var pace = Executors.newScheduledThreadPool(2);
                var senders = Executors.newFixedThreadPool(150)) {
            AtomicInteger count = new AtomicInteger();
            var burst = pace.scheduleAtFixedRate(
                    () -> senders.submit(() -> one(count.getAndIncrement(), colleague, applicant, others, own, failed)),
                    0, 1_000_000 / A_SECOND, TimeUnit.MICROSECONDS);
            List<Long> times = new ArrayList<>();
            long end = System.nanoTime() + SECONDS * 1_000_000_000L;
            while (System.nanoTime() < end) {
                times.add(work(worker, desks, 1)[0]);
            }
            burst.cancel(false);
            print("desk, in the burst", times.stream().mapToLong(Long::longValue).toArray());
            System.out.println(count.get() + " asked in the burst, " + failed.get() + " not answered with 200");
            senders.shutdown();
            senders.awaitTermination(60, TimeUnit.SECONDS);
        }
    }

    /** Two in five are applicants who look how it stands; the rest is a colleague's day sheet, names and desks. */
    private static void one(int i, Burst colleague, Burst applicant, List<String> others, List<String> own, AtomicInteger failed) {
        try {
            int status = switch (i % 5) {
                case 0 -> applicant.get("/api/my/claims").statusCode();
                case 1 -> applicant.get("/api/my/claims/" + own.get(i % own.size()) + "/evidence").statusCode();
                case 2 -> colleague.get("/api/day-sheet?mine=true").statusCode();
                case 3 -> colleague.post("/api/search", "{\"words\":\"thorsdal\"}").statusCode();
                default -> colleague.get("/api/claims/" + others.get(i % others.size()) + "/desk").statusCode();
            };
            failed.addAndGet(status == 200 ? 0 : 1);
        } catch (Exception e) {
            failed.incrementAndGet();
        }
    }

    private static long[] work(Burst worker, List<String> desks, int times) throws Exception {
        long[] taken = new long[times];
        for (int i = 0; i < times; i++) {
            long start = System.nanoTime();
            int status = worker.get("/api/claims/" + desks.get((int) (start / 1000 % desks.size())) + "/desk").statusCode();
            if (status != 200) {
                throw new IllegalStateException("desk: " + status);
            }
            taken[i] = System.nanoTime() - start;
        }
        return taken;
    }

    private static List<String> ids(String body) {
        List<String> ids = new ArrayList<>();
        Matcher matcher = ID.matcher(body);
        while (matcher.find()) {
            ids.add(matcher.group(1));
        }
        return ids;
    }

    private HttpResponse<String> get(String path) throws Exception {
        return http.send(HttpRequest.newBuilder(URI.create(address + path)).build(), HttpResponse.BodyHandlers.ofString());
    }

    private HttpResponse<String> post(String path, String body) throws Exception {
        String token = cookies.getCookieStore().getCookies().stream().filter(cookie -> cookie.getName().equals("XSRF-TOKEN")).findFirst().orElseThrow().getValue();
        return http.send(
                HttpRequest.newBuilder(URI.create(address + path)).header("X-XSRF-TOKEN", token).header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString(body)).build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private static void print(String what, long[] times) {
        Arrays.sort(times);
        System.out.printf("%-22s %4d times, median %6.1f ms   95th percentile %6.1f ms%n", what, times.length, times[times.length / 2] / 1e6, times[times.length * 95 / 100] / 1e6);
    }
}
