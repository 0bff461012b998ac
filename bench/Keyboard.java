import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/** Opens the desk of the large claim in a browser until it is complete, then settles its differences by keyboard alone. */
public class Keyboard {
    private static final int OPENINGS = 15;

    public static void main(String[] arguments) {
        try (Playwright playwright = Playwright.create()) {
            Browser browser = playwright.chromium().launch(
                    new BrowserType.LaunchOptions().setExecutablePath(Path.of("/usr/bin/chromium")).setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking", "--disable-sync")));
            BrowserContext context = browser.newContext(new Browser.NewContextOptions().setBaseURL(arguments[0]).setViewportSize(1280, 800));
            Page page = context.newPage();
            page.navigate("/sign-in");
            page.getByLabel("E-mail address").fill("asa.mikkel@halvern.example");
            page.getByLabel("Password").fill("halvern-demo-2026");
            page.locator("form button[type=submit]").click();
            page.waitForURL(url -> !url.endsWith("/sign-in"));
            String desk = "/claims/" + arguments[1];
            long[] opened = new long[OPENINGS];
            for (int i = -3; i < OPENINGS; i++) {
                page.navigate("/day-sheet");
                page.locator("main").waitFor();
                long start = System.nanoTime();
                page.navigate(desk);
                complete(page);
                if (i >= 0) {
                    opened[i] = System.nanoTime() - start;
                }
            }
            Arrays.sort(opened);
            System.out.printf("desk complete in the browser   median %.0f ms   slowest of %d %.0f ms%n", opened[OPENINGS / 2] / 1e6, OPENINGS, opened[OPENINGS - 1] / 1e6);
            settle(page);
            browser.close();
        }
    }

    private static void complete(Page page) {
        page.getByText("The outcome as it stands").waitFor();
        page.locator("#working").waitFor();
        page.getByText("differs, settle it").nth(8).waitFor();
    }

    /** {@code n}, then {@code 3} and Enter for each; the next difference is chosen by itself. */
    private static void settle(Page page) {
        int open = page.getByText("differs, settle it").count();
        int keys = 1;
        long start = System.nanoTime();
        page.keyboard().press("n");
        for (int left = open; left > 0; left--) {
            page.keyboard().press("3");
            page.getByLabel("Why?").waitFor();
            page.keyboard().press("Enter");
            page.waitForFunction("left => [...document.querySelectorAll('td')].filter(td => td.innerText.includes('differs, settle it')).length < left", left);
            keys += 2;
        }
        System.out.printf("%d differences settled by keyboard   %d keys   %.1f s in all, waiting for each answer%n", open, keys, (System.nanoTime() - start) / 1e9);
    }
}
