package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** That it stays clear for whoever uses the keyboard, listens, enlarges the text, or loses the network or the session. */
public class ClearStoryTest {
    private static final String CASEWORKER = "asa.mikkel@halvern.example";

    private Civitane civitane;

    @BeforeClass
    void start() throws IOException {
        civitane = Civitane.start();
    }

    @Test
    public void theFirstPageShowsWhatThereIsAndLeadsOnBeforeAnyScriptHasCome() {
        Page page = civitane.visitor(390, 844);
        page.route("**/assets/*.js", Route::abort);
        page.navigate("/");
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName("School meals").setExact(true)))
                .isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("See what it takes: School meals"))
                .click();
        page.waitForURL(url -> url.endsWith("/programmes/school-meals"));
    }

    @Test
    public void theFirstPageGoesOnFromWhatWasWrittenOut() {
        Page page = civitane.visitor(390, 844);
        List<String> said = new ArrayList<>();
        page.onConsoleMessage(message -> said.add(message.text()));
        page.onPageError(said::add);
        page.navigate("/");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Dark screen"))
                .click();
        assertThat(page.locator("html")).hasAttribute("data-theme", "lamplight");
        assertThat(said).isEmpty();
    }

    @Test
    public void theFocusIsOnTheHeadingOfEachChapterAndOnWhatIsWrong() {
        Page page = begun();
        assertThat(focused(page)).hasText("Who lives with you?");
        page.getByLabel("Date of birth").fill("the day before");
        press(page, "Save and go on");
        Locator fault =
                page.getByRole(AriaRole.ALERT).getByRole(AriaRole.BUTTON).first();
        fault.click();
        assertThat(page.getByLabel("Date of birth")).isFocused();
        page.getByLabel("Date of birth").fill("2 April 1990");
        press(page, "Save and go on");
        assertThat(focused(page)).hasText("Who goes to school?");
        page.goBack();
        assertThat(focused(page)).hasText("Who lives with you?");
        assertThat(page.getByLabel("Date of birth")).hasValue("2 April 1990");
    }

    @Test
    public void whatWasTypedIsThereAfterLoadingAgainAndSaysThatItIsNotSaved() {
        Page page = begun();
        page.getByLabel("Date of birth").fill("2 April 1990");
        page.getByLabel("Date of birth").blur();
        assertThat(page.getByText("not saved yet")).isVisible();
        page.reload();
        assertThat(page.getByLabel("Date of birth")).hasValue("2 April 1990");
        press(page, "Sign out");
        page.waitForURL(url -> url.endsWith("/"));
        assertThat((Integer) page.evaluate("sessionStorage.length")).isZero();
    }

    @Test
    public void ofTwoTabsNothingIsLostAndWhereBothAnsweredTheSameOneChooses() {
        Page one = begun();
        Page other = one.context().newPage();
        other.navigate(one.url());
        assertThat(focused(other)).hasText("Who lives with you?");
        one.getByLabel("Date of birth").fill("2 April 1990");
        one.getByLabel("Given name").first().fill("Rúna");
        press(one, "Save and go on");
        assertThat(focused(one)).hasText("Who goes to school?");
        other.getByLabel("Date of birth").fill("3 April 1990");
        press(other, "Save and go on");
        Locator told = other.getByRole(AriaRole.ALERT);
        assertThat(told).containsText("This was written in another tab as well");
        assertThat(other.getByLabel("Given name").first()).hasValue("Rúna");
        assertThat(other.getByLabel("Date of birth")).hasValue("3 April 1990");
        press(other, "In the other tab: 2 April 1990");
        assertThat(other.getByLabel("Date of birth")).hasValue("2 April 1990");
        press(other, "Save and go on");
        assertThat(focused(other)).hasText("Who goes to school?");
    }

    @Test
    public void withoutANetworkNothingIsLostAndItGoesOnByItself() {
        Page page = begun();
        page.getByLabel("Date of birth").fill("2 April 1990");
        page.context().setOffline(true);
        assertThat(page.getByText("There is no network at present.")).isVisible();
        press(page, "Save and go on");
        assertThat(page.getByText("kept here, and saved once the network is back"))
                .isVisible();
        page.context().setOffline(false);
        assertThat(focused(page)).hasText("Who goes to school?");
        assertThat(page.getByText("There is no network at present.")).hasCount(0);
    }

    @Test
    public void aChosenFileWaitsForTheNetworkAndOverLoadingAgain() {
        Page page = civitane.signedIn("runa.ostby@post.example", 390, 844);
        page.navigate("/my");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Papers"))
                .first()
                .click();
        page.route("**/papers?*", Route::abort);
        page.locator("input[type=file]")
                .first()
                .setInputFiles(new FilePayload(
                        "slip.pdf", "application/pdf", "%PDF-1.4 no more".getBytes(StandardCharsets.US_ASCII)));
        assertThat(page.getByText("kept here until there is a network")).isVisible();
        page.reload();
        assertThat(page.getByText("kept here until there is a network")).isVisible();
        page.unroute("**/papers?*");
        page.reload();
        assertThat(page.getByText("slip.pdf")).isVisible();
        assertThat(page.getByText("kept here until there is a network")).hasCount(0);
        page.reload();
        assertThat(page.locator("main h1")).isVisible();
        assertThat(page.getByText("kept here until there is a network")).hasCount(0);
    }

    @Test
    public void anEndedSessionAsksForThePasswordOverThePageAndKeepsWhatWasTyped() {
        Page page = begun();
        page.getByLabel("Date of birth").fill("2 April 1990");
        page.context().clearCookies(new BrowserContext.ClearCookiesOptions().setName("civitane"));
        press(page, "Save and go on");
        Locator again = page.getByRole(AriaRole.DIALOG);
        assertThat(again.getByText("Please sign in again")).isVisible();
        assertThat(Accessibility.violations(page)).isEmpty();
        again.getByLabel("Password").fill(Civitane.PASSWORD);
        again.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Sign in"))
                .click();
        assertThat(again).hasCount(0);
        assertThat(page.getByLabel("Date of birth")).hasValue("2 April 1990");
        press(page, "Save and go on");
        assertThat(focused(page)).hasText("Who goes to school?");
    }

    @Test
    public void theSheetIsAsItWasLeftAndItsKeysActOnlyInTheList() {
        Page sheet = civitane.signedIn(CASEWORKER);
        assertThat(sheet.locator("[data-row]").first()).isVisible();
        sheet.getByLabel("Programme").selectOption("School meals");
        press(sheet, "Office");
        assertThat(sheet.getByText("Food assistance", new Page.GetByTextOptions().setExact(true))
                        .and(sheet.locator("li *")))
                .hasCount(0);
        sheet.getByLabel("Find a household or number").focus();
        sheet.keyboard().press("j");
        assertThat(sheet.getByLabel("Find a household or number")).hasValue("j");
        sheet.keyboard().press("Escape");
        sheet.locator("h1").focus();
        sheet.keyboard().press("j");
        assertThat(sheet.locator("[data-row]").first()).isFocused();
        sheet.keyboard().press("j");
        assertThat(sheet.locator("[data-row]").nth(1)).isFocused();
        sheet.keyboard().press("4");
        Locator isNew = sheet.locator("[aria-labelledby=stack-NEW] [data-row]").first();
        assertThat(isNew).isFocused();
        sheet.keyboard().press("Enter");
        sheet.waitForURL(url -> url.contains("/claims/"));
        assertThat(focused(sheet)).isVisible();
        sheet.goBack();
        assertThat(isNew).isFocused();
        assertThat(sheet.getByLabel("Programme")).hasValue("school-meals");
        assertThat(sheet.getByText("Office", new Page.GetByTextOptions().setExact(true)))
                .hasAttribute("aria-pressed", "true");
    }

    @Test(dependsOnMethods = "theSheetIsAsItWasLeftAndItsKeysActOnlyInTheList")
    public void singleLettersCanBeSwitchedOffForTheAccount() {
        Page sheet = civitane.signedIn("joao.brattli@halvern.example");
        switched(sheet, "Switch single letters off");
        Page elsewhere = civitane.signedIn("joao.brattli@halvern.example");
        assertThat(elsewhere.locator("[data-row]").first()).isVisible();
        elsewhere.locator("h1").focus();
        elsewhere.keyboard().press("j");
        assertThat(elsewhere.locator("h1")).isFocused();
        switched(elsewhere, "Switch single letters on");
        elsewhere.locator("h1").focus();
        elsewhere.keyboard().press("j");
        assertThat(elsewhere.locator("[data-row]").first()).isFocused();
    }

    /** Switches them, which is kept with the account. */
    private static void switched(Page page, String command) {
        page.waitForResponse("**/api/session/keys", () -> command(page, command));
    }

    @Test
    public void whatOpensTakesTheFocusAndGivesItBack() {
        Page desk = civitane.signedIn(CASEWORKER);
        Civitane.open(desk, "SM", 2);
        desk.getByText("The outcome as it stands").waitFor();
        desk.locator("h1").focus();
        desk.keyboard().press("j");
        Locator row = desk.locator("tr[aria-selected=true]");
        assertThat(row).isFocused();
        desk.keyboard().press("?");
        assertThat(desk.getByRole(AriaRole.DIALOG)).isVisible();
        desk.keyboard().press("Escape");
        assertThat(desk.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(row).isFocused();
    }

    @Test
    public void anAddressThatLeadsNowhereSaysSoAndWhereToGoOn() {
        Page page = civitane.visitor(390, 844);
        assertThat(page.navigate("/no/such/place").status()).isEqualTo(404);
        assertThat(focused(page)).hasText("There is nothing at this address");
        assertThat(Accessibility.violations(page)).isEmpty();
        page.getByText("To the first page").click();
        assertThat(focused(page)).hasText("What do you need help with?");
    }

    /** Someone who has an account and is at the first chapter of an application for school meals. */
    private Page begun() {
        Page page = civitane.visitor(390, 844);
        new Applicant(page, "Runa Solberg", "Ivo").makeAnAccount(UUID.randomUUID() + "@post.example", "school meals");
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Who lives with you?"))
                .waitFor();
        return page;
    }

    private static Locator focused(Page page) {
        return page.locator("h1:focus");
    }

    private static void press(Page page, String button) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .click();
    }

    private static void command(Page page, String words) {
        page.getByLabel("Find a household or number").fill(words);
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(words))
                .click();
    }
}
