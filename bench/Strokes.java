import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Paints leave of changing length on the calendar: from the press on the last day until the new figures stand there. */
public class Strokes {
    private static final int STROKES = 100;
    private static final int WARM_UP = 10;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);
    private static final String BEGIN = """
            async () => {
              const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
              const send = async (method, path, body) => (await fetch(path, { method, body: JSON.stringify(body),
                headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } })).json();
              const draft = await send('POST', '/api/drafts', { programme: 'paid-leave' });
              const answers = { ...draft.answers, reason: 'OWN_HEALTH', pattern: 'CONTINUOUS',
                schedule: { 1: '8', 2: '8', 3: '8', 4: '8', 5: '8' } };
              answers.members[0].dateOfBirth = '1987-05-12';
              await send('PUT', '/api/drafts/' + draft.id, { version: draft.version, answers, chapter: 'leave', save: 'a', unanswered: [] });
            }""";

    public static void main(String[] arguments) {
        try (Playwright playwright = Playwright.create()) {
            Browser browser = playwright.chromium().launch(
                    new BrowserType.LaunchOptions().setExecutablePath(Path.of("/usr/bin/chromium")).setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking", "--disable-sync")));
            BrowserContext context = browser.newContext(new Browser.NewContextOptions().setBaseURL(arguments[0]).setViewportSize(1280, 1000));
            Page page = context.newPage();
            page.navigate("/sign-in");
            page.getByLabel("E-mail address").fill("maren.ostergren@post.example");
            page.getByLabel("Password").fill("halvern-demo-2026");
            page.locator("form button[type=submit]").click();
            page.waitForURL(url -> !url.endsWith("/sign-in"));
            page.evaluate(BEGIN);
            page.navigate("/apply/paid-leave/leave");
            LocalDate first = LocalDate.now().withDayOfMonth(1).plusMonths(1).with(TemporalAdjusters.firstInMonth(DayOfWeek.MONDAY));
            if (cell(page, first).count() == 0) {
                page.getByLabel("Later months").click();
            }
            page.getByLabel("About how much do you earn").fill("2000");
            long[] taken = new long[STROKES];
            for (int i = -WARM_UP; i < STROKES; i++) {
                int days = 1 + Math.floorMod(i, 2) * 4;
                cell(page, first).click();
                Locator last = cell(page, first.plusDays(days - 1));
                Locator told = page.getByText(days == 1 ? "0.20 weeks are asked for." : "1.00 weeks are asked for.");
                long start = System.nanoTime();
                last.click();
                told.waitFor();
                if (i >= 0) {
                    taken[i] = System.nanoTime() - start;
                }
            }
            Arrays.sort(taken);
            System.out.printf("a stroke on the calendar   median %.0f ms   95th percentile %.0f ms%n", taken[STROKES / 2] / 1e6, taken[STROKES * 95 / 100] / 1e6);
            browser.close();
        }
    }

    private static Locator cell(Page page, LocalDate day) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(".*\\b" + DAY.format(day) + ".*"))).and(page.locator(":visible"));
    }
}
