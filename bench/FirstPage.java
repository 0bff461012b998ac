import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.WaitUntilState;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/** How long the first page takes on a slow phone: a quarter of this machine's speed, 1.6 Mbit/s, nothing kept before. */
public class FirstPage {
    private static final int TIMES = 9;

    public static void main(String[] arguments) {
        try (Playwright playwright = Playwright.create()) {
            Browser browser = playwright.chromium().launch(
                    new BrowserType.LaunchOptions().setExecutablePath(Path.of("/usr/bin/chromium")).setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking", "--disable-sync")));
            for (String address : List.of("/", "/programmes/food-assistance")) {
                long[] usable = new long[TIMES];
                for (int i = -1; i < TIMES; i++) {
                    long took = open(browser, arguments[0], address);
                    if (i >= 0) {
                        usable[i] = took;
                    }
                }
                Arrays.sort(usable);
                System.out.printf("%-28s usable on a slow phone   median %.0f ms   slowest of %d %.0f ms%n", address, usable[TIMES / 2] / 1e6, TIMES, usable[TIMES - 1] / 1e6);
            }
            browser.close();
        }
    }

    private static long open(Browser browser, String server, String address) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions().setBaseURL(server).setViewportSize(390, 844));
        Page page = context.newPage();
        CDPSession phone = context.newCDPSession(page);
        phone.send("Network.enable");
        phone.send("Network.emulateNetworkConditions", figures("latency", 40, "downloadThroughput", 1_600_000 / 8, "uploadThroughput", 750_000 / 8));
        phone.send("Emulation.setCPUThrottlingRate", figures("rate", 4));
        long start = System.nanoTime();
        page.navigate(address, new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        page.locator("main a.btn").first().waitFor();
        long took = System.nanoTime() - start;
        context.close();
        return took;
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
