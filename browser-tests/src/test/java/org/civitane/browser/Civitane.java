package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import java.io.IOException;
import java.net.BindException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.civitane.server.CivitaneServer;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.standins.WageRegister;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.util.FileSystemUtils;

/** The real server on a database of its own with the demo data, and a headless Chromium to use it with. */
final class Civitane {
    /** Of whoever makes an account here; the demo's own is refused. */
    static final String PASSWORD = "seven quiet lanterns 42";

    private static final String DEMO_PASSWORD = "halvern-demo-2026";
    /** Whoever made an account here. */
    private static final Set<String> MADE = ConcurrentHashMap.newKeySet();

    private static final List<String> CHROMIUM_FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private static final Pattern LINK = Pattern.compile("/answer#[A-Za-z0-9_-]{43}");
    private static final Pattern NEW_PASSWORD = Pattern.compile("/new-password#[A-Za-z0-9_-]{43}");

    private static final Pattern CODE = Pattern.compile("\\b[0-9]{6}\\b");
    private static final int READS = 200;
    /** Milliseconds; a machine that is busy is no failure. */
    private static final double PATIENCE = 60_000;

    private static Civitane shared;

    private final ConfigurableApplicationContext server;
    private final Playwright playwright;
    private final Browser browser;
    private final String address;
    /** Whoever signed in once need not type it again, as long as that lasts. */
    private final Map<String, Kept> signIns = new HashMap<>();

    /**
     * What a browser keeps of having signed in, and the page to which that led. Cookies alone: to read what else is kept,
     * another page is opened, which takes the focus from the one that is there.
     */
    private record Kept(List<Cookie> cookies, String leadsTo) {}

    private Civitane(ConfigurableApplicationContext server, String address) {
        this.server = server;
        this.address = address;
        this.playwright = Playwright.create();
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
        this.browser = launch(CHROMIUM_FLAGS);
    }

    private Browser launch(List<String> flags) {
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(flags));
    }

    /** The same person in another browser on a phone, whose text is twice as large; whoever asks for it closes it. */
    Page withLargeText(Page signedIn) {
        List<String> flags = new ArrayList<>(CHROMIUM_FLAGS);
        flags.add("--blink-settings=defaultFontSize=32,defaultFixedFontSize=26");
        BrowserContext context = launch(flags)
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setBaseURL(address)
                        .setLocale("en-GB"));
        context.addCookies(signedIn.context().cookies());
        return context.newPage();
    }

    /** The one server and browser that all stories share; they end with this process, the pages with their story. */
    static synchronized Civitane start() throws IOException {
        if (shared != null) {
            shared.browser.contexts().forEach(BrowserContext::close);
        }
        if (shared == null) {
            shared = startOnce();
            Runtime.getRuntime().addShutdownHook(new Thread(shared::close));
        }
        return shared;
    }

    private static Civitane startOnce() throws IOException {
        int port = freePort();
        Path store = Files.createTempDirectory("civitane-browser");
        String demo = System.getenv("CIVITANE_TEST_STORE");
        if (demo != null) {
            FileSystemUtils.copyRecursively(Path.of(demo), store);
        }
        ConfigurableApplicationContext server = SpringApplication.run(
                CivitaneServer.class,
                "--spring.datasource.url=" + System.getenv("CIVITANE_TEST_DATABASE_URL"),
                "--spring.datasource.password=" + System.getenv("CIVITANE_TEST_DATABASE_APP_PASSWORD"),
                "--spring.flyway.password=" + System.getenv("CIVITANE_TEST_DATABASE_PASSWORD"),
                "--spring.profiles.active=demo",
                "--civitane.standins-port=" + freePort(),
                "--spring.flyway.clean-disabled=false",
                "--server.port=" + port,
                "--civitane.store=" + store,
                "--civitane.register-key=tests",
                "--civitane.password-memory=64KB",
                "--civitane.sign-ups-an-hour=1000",
                "--civitane.signing-secret=tests",
                "--civitane.signing-key-bits=2048");
        return new Civitane(server, "http://127.0.0.1:" + port);
    }

    /** A page of someone who has not been here before. */
    Page visitor(int width, int height) {
        return visitor(new Browser.NewContextOptions().setViewportSize(width, height));
    }

    private Page visitor(Browser.NewContextOptions how) {
        BrowserContext context = browser.newContext(how.setBaseURL(address).setLocale("en-GB"));
        context.setDefaultTimeout(PATIENCE);
        return context.newPage();
    }

    /** A page of someone who has signed in, on a phone that is touched. */
    Page touched(String email) {
        Page page = signIn(
                visitor(new Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setHasTouch(true)),
                email);
        page.waitForURL(url -> !url.endsWith("/sign-in"));
        return page;
    }

    /** A page of someone who has signed in. */
    Page signedIn(String email) {
        return signedIn(email, 1280, 800);
    }

    Page signedIn(String email, int width, int height) {
        Kept kept = signIns.get(email);
        if (kept != null) {
            Page page = visitor(width, height);
            page.context().addCookies(kept.cookies());
            if (page.context().request().get("/api/session").text().contains(email)) {
                page.navigate(kept.leadsTo());
                return page;
            }
            page.context().close();
        }
        Page page = signedInAsFarAs(email, width, height);
        page.waitForURL(url -> !url.endsWith("/sign-in"));
        signIns.put(email, new Kept(page.context().cookies(), page.url()));
        return page;
    }

    /** Somebody made an account with {@link #PASSWORD}. */
    static void made(String email) {
        MADE.add(email);
    }

    /** With the password alone. */
    Page signedInAsFarAs(String email, int width, int height) {
        return signIn(visitor(width, height), email);
    }

    private static Page signIn(Page page, String email) {
        page.navigate("/sign-in");
        page.getByLabel("E-mail address").fill(email);
        page.getByLabel("Password").fill(MADE.contains(email) ? PASSWORD : DEMO_PASSWORD);
        page.locator("form").getByText("Sign in").first().waitFor();
        page.locator("form button[type=submit]").click();
        return page;
    }

    /** Signed in over the second step of a demo account, whose page says the code. */
    Page signedInWithItsCode(String email) {
        Page page = signedInAsFarAs(email, 1280, 800);
        page.getByText(Pattern.compile("Use [0-9]{6}")).click();
        page.getByText("Go on").click();
        page.waitForURL(url -> !url.endsWith("/sign-in"));
        return page;
    }

    /** The link that went out last to someone, as the carrier would have brought it. */
    String linkTo(String recipient) {
        return linkTo(recipient, LINK);
    }

    /** The link for a new password that went out last to someone. */
    String newPasswordLinkTo(String recipient) {
        return linkTo(recipient, NEW_PASSWORD);
    }

    /** The code that the page just had sent, from the simulated mailbox that it leads to. */
    static String codeSent(Page page) {
        Page mailbox =
                page.waitForPopup(() -> page.getByText("Read what was sent").click());
        for (int i = 0; i < READS; i++) {
            Matcher code = CODE.matcher(mailbox.locator("body").innerText());
            if (code.find()) {
                mailbox.close();
                return code.group();
            }
            mailbox.reload();
        }
        throw new AssertionError("No code came.");
    }

    private String linkTo(String recipient, Pattern wanted) {
        Page outside = signedIn("asa.mikkel@halvern.example");
        outside.navigate("/outside");
        assertThat(outside.locator("main").getByText(recipient).first()).isVisible();
        String all = outside.locator("main").innerText();
        Matcher link = wanted.matcher(all.substring(all.indexOf(recipient)));
        if (!link.find()) {
            throw new AssertionError("No link went to " + recipient);
        }
        return link.group();
    }

    /** An employer has reported a person's wages of the last year and a half to the simulated register. */
    void reportWages(String name, LocalDate born, String monthly) {
        WageRegister wages = server.getBean(WageRegister.class);
        YearMonth now = YearMonth.from(server.getBean(AgencyClock.class).today());
        for (int back = 0; back < 18; back++) {
            wages.put(new WageRegister.Entry(name, born, "Skerry Ferries", now.minusMonths(back), monthly));
        }
    }

    /** All money that is planned on a claim is due now, whatever day it is. */
    void letTheDayOfPaymentCome(String number) {
        JdbcClient database = server.getBean(JdbcClient.class);
        database.sql("update payment set due_on = ? where claim_id = (select id from claim where number = ?)")
                .params(server.getBean(AgencyClock.class).today(), number)
                .update();
        database.sql("""
                        update scheduled_tasks set execution_time = now() where task_name = 'pay'
                          and exists (select from payment p join claim c on c.id = p.claim_id
                                      where c.number = ? and task_instance like p.id || '-%')""").param(number).update();
        server.getBean(Scheduler.class).triggerCheckForDueExecutions();
    }

    /** Waits until so many payments of a claim have been made. */
    void awaitPayments(String number, int paid) {
        JdbcClient database = server.getBean(JdbcClient.class);
        await(
                paid + " payments of " + number,
                () -> database.sql("""
                                select count(*) from payment p join claim c on c.id = p.claim_id
                                where c.number = ? and p.state = 'BOOKED'""").param(number).query(Integer.class).single() == paid);
    }

    /** Waits until something that happens by itself has happened. */
    static void await(String what, BooleanSupplier happened) {
        long until = System.nanoTime() + Duration.ofMillis((long) PATIENCE).toNanos();
        while (!happened.getAsBoolean()) {
            if (System.nanoTime() > until) {
                throw new AssertionError("Did not happen: " + what);
            }
            LockSupport.parkNanos(Duration.ofMillis(50).toNanos());
        }
    }

    /** Opens a claim of the demo by the running number of its programme, through the search. */
    static void open(Page page, String prefix, int number) {
        page.navigate("/day-sheet");
        page.getByLabel("Find a household or number").fill("%05d".formatted(number));
        page.getByRole(AriaRole.LISTBOX)
                .getByText(java.util.regex.Pattern.compile(prefix + "-\\d\\d-%05d".formatted(number)))
                .first()
                .click();
        page.waitForURL(url -> url.contains("/claims/"));
    }

    /** Keeps a picture of the page where the build was asked to, for the documentation. */
    static void picture(Page page, String name) {
        String folder = System.getenv("CIVITANE_PICTURES");
        if (folder != null) {
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of(folder, name + ".png")));
        }
    }

    private void close() {
        browser.close();
        playwright.close();
        server.close();
    }

    /** Below those that the system gives to connections by itself, one of which could have it before it is used. */
    private static int freePort() throws IOException {
        while (true) {
            int port = ThreadLocalRandom.current().nextInt(20_000, 32_000);
            try (ServerSocket socket = new ServerSocket(port)) {
                return socket.getLocalPort();
            } catch (BindException e) {
                // somebody has it: another one
            }
        }
    }
}
