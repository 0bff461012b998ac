package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/**
 * How much work standard claims are, from the day sheet to the decision or the question that is sent: every click
 * and every key is an action, a text that is typed is one more and counted in letters.
 */
public class EffortTest {
    private static final int ALL_AGREES = 31;
    private static final int IMMATERIAL = 38;
    private static final int MATERIAL = 34;
    private static final int SLIP_MISSING = 37;
    private static final int DISPUTED = 44;
    private static final int PAPER_CAME = 48;
    /** All papers of the demo are read one after the other. */
    private static final double READ = 240_000;

    private static final int TWO_DIFFER = 3;
    private static final int MATERIAL_TOO = 33;

    private Civitane civitane;
    private Page page;
    private int clicks;
    private int keys;
    private int letters;
    private AtomicInteger loads;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
        page = civitane.signedIn("asa.mikkel@halvern.example");
    }

    @Test
    public void anAgreedClaimTakesAtMostSixActionsAndOnePageLoad() {
        begin(ALL_AGREES);
        key("d");
        click("Decide and send the letter");
        assertThat(page.getByText("Decided; the letter is in")).isVisible();
        assertThat(actions("all agrees")).isLessThanOrEqualTo(6);
        assertThat(loads).hasValueLessThanOrEqualTo(1);
    }

    @Test(dependsOnMethods = "anAgreedClaimTakesAtMostSixActionsAndOnePageLoad", alwaysRun = true)
    public void oneImmaterialDifference() {
        begin(IMMATERIAL);
        key("d");
        click("Decide and send the letter");
        assertThat(page.getByText("Decided; the letter is in")).isVisible();
        assertThat(actions("one immaterial difference")).isLessThanOrEqualTo(8);
    }

    @Test(dependsOnMethods = "oneImmaterialDifference", alwaysRun = true)
    public void oneMaterialDifferenceSettledFromPapers() {
        begin(MATERIAL);
        key("n");
        key("2");
        page.getByLabel("Why?").waitFor();
        keys++;
        page.getByLabel("Why?").press("Enter");
        assertThat(page.getByText("In the way · 0")).isVisible();
        key("d");
        click("Decide and send the letter");
        assertThat(page.getByText("Decided; the letter is in")).isVisible();
        assertThat(actions("one material difference, from papers")).isLessThanOrEqualTo(9);
    }

    @Test(dependsOnMethods = "oneMaterialDifferenceSettledFromPapers", alwaysRun = true)
    public void aMissingSlipAskedFor() {
        begin(SLIP_MISSING);
        clicks++;
        page.getByLabel("Ask about this: Pay slips of").click();
        button("Send it");
        assertThat(page.getByText("Waiting for the applicant: one point of the fix list"))
                .isVisible();
        assertThat(actions("a missing slip asked for")).isLessThanOrEqualTo(6);
    }

    @Test(dependsOnMethods = "aMissingSlipAskedFor", alwaysRun = true)
    public void aDoubtedIdentity() {
        begin(DISPUTED);
        click("Who the applicant is");
        click("Ask the person who they are");
        type("What is it about?", "The register has someone else under this number.");
        button("Ask them");
        assertThat(page.getByText("Waiting for the applicant: the answer whether they filed it"))
                .isVisible();
        assertThat(actions("a doubted identity")).isLessThanOrEqualTo(8);
    }

    @Test(dependsOnMethods = "aDoubtedIdentity", alwaysRun = true)
    public void twoDifferencesAreAskedAboutBySixKeys() {
        begin("PL", TWO_DIFFER);
        for (String each : List.of("n", "f", "n", "f")) {
            key(each);
        }
        key("l");
        assertThat(page.getByText("Send it")).isFocused();
        key("Enter");
        assertThat(page.getByText("Waiting for the applicant: 2 points of the fix list"))
                .isVisible();
        assertThat(keys).isLessThanOrEqualTo(6);
        actions("two differences asked about");
    }

    @Test(dependsOnMethods = "twoDifferencesAreAskedAboutBySixKeys", alwaysRun = true)
    public void theRowOfAFactStaysInViewWhileItIsSettled() {
        begin(MATERIAL_TOO);
        key("n");
        key("4");
        assertThat(page.getByLabel("Why?")).isInViewport();
        assertThat(page.locator("tr[aria-selected=true]")).isInViewport();
        key("Escape");
        assertThat(page.locator("tr[aria-selected=true]")).isFocused();
    }

    @Test(dependsOnMethods = "theRowOfAFactStaysInViewWhileItIsSettled", alwaysRun = true)
    public void aPaperThatCameIsAcceptedByTwoKeys() {
        begin(PAPER_CAME);
        int wanted = page.getByText("came in, look at it").count();
        key("p");
        assertThat(page.getByText("Accept it")).isEnabled(new LocatorAssertions.IsEnabledOptions().setTimeout(READ));
        key("a");
        assertThat(page.getByText("came in, look at it")).hasCount(wanted - 1);
        assertThat(keys).isEqualTo(2);
        actions("a paper accepted");
    }

    @Test(dependsOnMethods = "aPaperThatCameIsAcceptedByTwoKeys", alwaysRun = true)
    public void theFirstReadyClaimIsTwoKeysAway() {
        begin(PAPER_CAME);
        page.navigate("/day-sheet");
        page.locator("[data-row]").first().waitFor();
        keys = 0;
        key("3");
        key("Enter");
        assertThat(page.getByText("Nothing that matters. This claim can be decided."))
                .isVisible();
        actions("the first ready claim");
    }

    private void begin(int number) {
        begin("FA", number);
    }

    /** From the day sheet, by the number of the claim and Enter. */
    private void begin(String programme, int number) {
        clicks = 0;
        keys = 0;
        letters = 0;
        page.navigate("/day-sheet");
        loads = new AtomicInteger();
        page.onLoad(loaded -> loads.incrementAndGet());
        String wanted = "%05d".formatted(number);
        type("Find a household or number", wanted);
        clicks++;
        page.getByRole(AriaRole.LISTBOX)
                .getByText(java.util.regex.Pattern.compile(programme + "-\\d\\d-" + wanted))
                .first()
                .click();
        page.getByText("The outcome as it stands").waitFor();
    }

    private int actions(String what) {
        int texts = letters > 5 ? 2 : 1;
        System.out.printf(
                "EFFORT %s: %d clicks, %d keys, %d texts of %d letters, %d page loads%n",
                what, clicks, keys, texts, letters, loads.get());
        return clicks + keys + texts;
    }

    private void key(String key) {
        keys++;
        page.keyboard().press(key);
    }

    private void click(String text) {
        clicks++;
        page.getByText(text).first().click();
    }

    private void button(String name) {
        clicks++;
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    private void type(String label, String text) {
        letters += text.length();
        page.getByLabel(label).fill(text);
    }
}
