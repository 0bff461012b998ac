import com.google.gson.JsonObject;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.WaitUntilState;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/**
 * How long pages take on a slow phone that has never been here: a quarter of this machine's speed, 1.6 Mbit/s, 40 ms
 * there and back. Also how much of it is script, and how far things jump about on the way (layout shift).
 */
public class SlowPhone {
    private static final int TIMES = 5;
    private static final String SHIFTS = """
            window.shifted = 0;
            new PerformanceObserver((list) => { for (const each of list.getEntries()) if (!each.hadRecentInput) window.shifted += each.value; })
              .observe({ type: 'layout-shift', buffered: true });""";
    private static final String LEAVE = """
            {"version":%s,"answers":%s,"chapter":"leave","save":"a","unanswered":[]}""";

    /** @param who signs in before; empty for nobody @param usable what is there once it can be used */
    private record Opened(String name, String who, String address, String usable) {}

    private record Told(long nanos, double scripts, double shifted) {}

    public static void main(String[] arguments) {
        List<Opened> pages = List.of(
                new Opened("first page", "", "/", "main a.btn"),
                new Opened("a programme", "", "/programmes/food-assistance", "main a.btn"),
                new Opened("applying", "maren.ostergren@post.example", "/apply/food-assistance", "main input, main select"),
                new Opened("calendar", "maren.ostergren@post.example", "/apply/paid-leave/leave", "main [role=grid] [role=button]:not([aria-disabled=true])"),
                new Opened("My claims", "runa.ostby@post.example", "/my", "main h2"),
                new Opened("day sheet", "asa.mikkel@halvern.example", "/day-sheet", "main a[href^='/claims/']"),
                new Opened("largest desk", "asa.mikkel@halvern.example", "/claims/" + arguments[1], "#working"));
        try (Playwright playwright = Playwright.create()) {
            Browser browser = playwright.chromium().launch(
                    new BrowserType.LaunchOptions().setExecutablePath(Path.of("/usr/bin/chromium")).setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking", "--disable-sync")));
            for (Opened page : pages) {
                long[] usable = new long[TIMES];
                Told told = new Told(0, 0, 0);
                double shifted = 0;
                for (int i = -1; i < TIMES; i++) {
                    told = open(browser, arguments[0], page);
                    shifted = Math.max(shifted, told.shifted());
                    if (i >= 0) {
                        usable[i] = told.nanos();
                    }
                }
                Arrays.sort(usable);
                System.out.printf("%-14s median %5.0f ms   slowest of %d %5.0f ms   scripts %4.0f kB   layout shift %.2f%n",
                        page.name(), usable[TIMES / 2] / 1e6, TIMES, usable[TIMES - 1] / 1e6, told.scripts() / 1000, shifted);
            }
            browser.close();
        }
    }

    private static Told open(Browser browser, String server, Opened opened) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions().setBaseURL(server).setViewportSize(390, 844));
        if (!opened.who().isEmpty()) {
            signIn(context, opened.who());
        }
        if (opened.name().equals("calendar")) {
            drawLeave(context);
        }
        Page page = context.newPage();
        page.addInitScript(SHIFTS);
        CDPSession phone = context.newCDPSession(page);
        phone.send("Network.enable");
        phone.send("Network.emulateNetworkConditions", figures("latency", 40, "downloadThroughput", 1_600_000 / 8, "uploadThroughput", 750_000 / 8));
        phone.send("Emulation.setCPUThrottlingRate", figures("rate", 4));
        long start = System.nanoTime();
        page.navigate(opened.address(), new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        page.locator(opened.usable()).first().waitFor();
        long took = System.nanoTime() - start;
        page.waitForTimeout(500);
        double scripts = ((Number) page.evaluate(
                        "performance.getEntriesByType('resource').filter(each => each.name.endsWith('.js')).reduce((all, each) => all + each.encodedBodySize, 0)"))
                .doubleValue();
        double shifted = ((Number) page.evaluate("window.shifted")).doubleValue();
        context.close();
        return new Told(took, scripts, shifted);
    }

    private static void signIn(BrowserContext context, String who) {
        context.request().get("/api/session");
        sent(context, "POST", "/api/session", "{\"email\":\"" + who + "\",\"password\":\"halvern-demo-2026\"}");
        context.request().get("/api/session");
    }

    /** Leave whose calendar can be painted on. */
    private static void drawLeave(BrowserContext context) {
        String draft = sent(context, "POST", "/api/drafts", "{\"programme\":\"paid-leave\"}");
        JsonObject answers = com.google.gson.JsonParser.parseString(draft).getAsJsonObject();
        JsonObject said = answers.getAsJsonObject("answers");
        said.addProperty("reason", "OWN_HEALTH");
        said.addProperty("pattern", "CONTINUOUS");
        JsonObject week = new JsonObject();
        for (int day = 1; day <= 5; day++) {
            week.addProperty(String.valueOf(day), "8");
        }
        said.add("schedule", week);
        said.getAsJsonArray("members").get(0).getAsJsonObject().addProperty("dateOfBirth", "1987-05-12");
        sent(context, "PUT", "/api/drafts/" + answers.get("id").getAsString(), LEAVE.formatted(answers.get("version"), said));
    }

    private static String sent(BrowserContext context, String method, String path, String body) {
        String token = context.cookies().stream().filter(cookie -> cookie.name.equals("XSRF-TOKEN")).map((Cookie cookie) -> cookie.value).findFirst().orElseThrow();
        APIResponse answer = context.request().fetch(path,
                RequestOptions.create().setMethod(method).setHeader("X-XSRF-TOKEN", token).setHeader("Content-Type", "application/json").setData(body));
        if (!answer.ok()) {
            throw new IllegalStateException(path + ": " + answer.status() + " " + answer.text());
        }
        return answer.text();
    }

    private static JsonObject figures(Object... named) {
        JsonObject figures = new JsonObject();
        figures.addProperty("offline", false);
        for (int i = 0; i < named.length; i += 2) {
            figures.addProperty((String) named[i], (Number) named[i + 1]);
        }
        return figures;
    }
}
