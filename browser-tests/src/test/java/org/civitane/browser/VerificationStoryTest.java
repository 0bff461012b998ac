package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A caseworker finds out who people are and what they live on, by keyboard, and what hangs on it. */
public class VerificationStoryTest {
    private static final int MISSTATED = 33;
    private static final int UNDISCLOSED = 36;
    private static final int IMMATERIAL = 38;
    private static final int FORMER_NAME = 42;
    private static final int DISOWNED = 49;

    private Civitane civitane;
    private Page desk;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
        desk = civitane.signedIn("asa.mikkel@halvern.example");
    }

    @Test
    public void threeViewsAreSettledAndTakenBackByKeyboard() {
        Civitane.open(desk, "FA", MISSTATED);
        assertThat(desk.getByText("The amount hangs on it: from €222.00 to €323.00."))
                .isVisible();
        assertThat(desk.locator("td .unlike").first()).isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "three-views");
        desk.keyboard().press("n");
        desk.keyboard().press("2");
        button("Try it");
        assertThat(desk.getByText("On trial; nothing is kept")).isVisible();
        assertThat(desk.getByText("222.00 a month for 12 months")).isVisible();
        desk.getByText("steps read otherwise").click();
        Civitane.picture(desk, "what-if");
        desk.getByLabel("Why?").press("Enter");
        assertThat(desk.getByText("✓ €1,840.80 a month")).isVisible();
        assertThat(desk.getByText("Waiting for you: nothing that matters is in the way"))
                .isVisible();
        desk.getByText("What changed since …").click();
        assertThat(desk.getByText("this alone changes the outcome").first()).isVisible();
        selected().press("u");
        assertThat(desk.getByText("≠ differs, settle it")).isVisible();
    }

    @Test(dependsOnMethods = "threeViewsAreSettledAndTakenBackByKeyboard")
    public void slipsAndMonthsStandSideBySide() {
        Civitane.open(desk, "FA", UNDISCLOSED);
        desk.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile("Income")))
                .click();
        assertThat(desk.getByText("Not stated by the applicant.").first()).isVisible();
        desk.getByText("As a table").first().click();
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "income");
    }

    @Test(dependsOnMethods = "slipsAndMonthsStandSideBySide")
    public void eachSettlingLeadsToTheNextDifferenceByItself() {
        Civitane.open(desk, "FA", UNDISCLOSED);
        desk.getByText("differs, settle it").nth(1).waitFor();
        desk.keyboard().press("n");
        assertThat(selected()).containsText("Ferry Stairs Kiosk");
        settleByKeys("3");
        assertThat(selected()).containsText("Lantern Row Laundry");
        settleByKeys("1");
        assertThat(desk.getByText("✓ counted with €420.00 a month")).isVisible();
        assertThat(desk.getByText("✓ left out")).isVisible();
        assertThat(desk.getByText("In the way · 0")).isVisible();
    }

    @Test(dependsOnMethods = "eachSettlingLeadsToTheNextDifferenceByItself")
    public void theSearchFieldTakesCommands() {
        desk.keyboard().press("Control+k");
        desk.keyboard().type("show hist");
        assertThat(desk.getByRole(AriaRole.OPTION).first()).hasText("Show history");
        desk.keyboard().press("Enter");
        assertThat(Accessibility.violations(desk)).isEmpty();
        assertThat(desk.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("History")))
                .hasAttribute("aria-selected", "true");
        desk.keyboard().press("Control+k");
        desk.keyboard().type("hand joao");
        assertThat(desk.getByRole(AriaRole.OPTION).first()).hasText("Hand over to João Brattli");
        desk.keyboard().press("Enter");
        button("Hand it over");
        assertThat(desk.getByText("Decide …")).hasCount(0);
        assertThat(desk.getByText("João Brattli").first()).isVisible();
    }

    @Test(dependsOnMethods = "theSearchFieldTakesCommands")
    public void whatCannotChangeAnythingIsSettledInOneStepAndTheDecisionSaysSo() {
        Civitane.open(desk, "FA", IMMATERIAL);
        desk.getByText("Settle the one that cannot change anything").click();
        button("Settle it");
        assertThat(desk.getByText("In the way · 0")).isVisible();
        assertThat(desk.locator("h1")).isFocused();
        desk.keyboard().press("d");
        assertThat(desk.getByText("One difference was settled without asking")).isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
    }

    @Test(dependsOnMethods = "whatCannotChangeAnythingIsSettledInOneStepAndTheDecisionSaysSo")
    public void aFormerNameIsRecognisedAndSaidExactly() {
        Civitane.open(desk, "FA", FORMER_NAME);
        desk.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Identity"))
                .click();
        assertThat(desk.getByText("A former name:")).isVisible();
        assertThat(desk.getByText("Confirmed by documents")).isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
    }

    @Test
    public void someoneSaysThatItWasNotThemAndASupervisorLooksIntoIt() {
        Applicant person = new Applicant(civitane.visitor(390, 844), "Benedita Rosvik-Quental", "Nils");
        person.makeAnAccount("benedita@post.example", "school meals");
        person.fillPeople();
        person.fillPupils();
        person.fillIncome("512,50");
        person.passSharing();
        person.fillContact();
        person.handIn();
        String number = person.number();
        Page joao = civitane.signedIn("joao.brattli@halvern.example");
        joao.getByLabel("Find a household or number").fill(number);
        joao.getByRole(AriaRole.LISTBOX).getByText(number).click();
        joao.getByText("Take this claim").click();
        joao.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Identity"))
                .click();
        joao.getByText("Ask the person who they are").click();
        joao.getByLabel("What is it about?").fill("Someone else gave the same phone number.");
        joao.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ask them"))
                .click();
        assertThat(joao.getByText(
                        "Waiting for the applicant: the answer whether they filed it, and what shows who they are"))
                .isVisible();
        Page page = person.page();
        page.navigate("/my");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Answer").setExact(true))
                .click();
        assertThat(page.getByText("Someone else gave the same phone number.")).isVisible();
        assertThat(Accessibility.violations(page)).isEmpty();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Begin"))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("This was not me"))
                .click();
        page.getByText("I am sure: this was not me").click();
        assertThat(page.getByText("What was sent from this account is stopped").first())
                .isVisible();
        assertThat(page.getByText("M-" + number)).isVisible();
        assertThat(Accessibility.violations(page)).isEmpty();
        Page supervisor = civitane.signedIn("sunniva.reis@halvern.example");
        supervisor
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Misuse"))
                .click();
        Locator known = supervisor
                .locator("article")
                .filter(new Locator.FilterOptions().setHasText("-%05d".formatted(DISOWNED)));
        known.getByText("What they share, and ask many at once").click();
        known.getByLabel(Pattern.compile("Choose FA-")).first().check();
        assertThat(known.getByText("Is asked to answer by")
                        .or(known.getByText("Cannot be asked"))
                        .first())
                .isVisible();
        Civitane.picture(supervisor, "net");
        assertThat(supervisor.getByLabel(number).getByText("open")).isVisible();
        assertThat(Accessibility.violations(supervisor)).isEmpty();
        supervisor.getByLabel(number).getByLabel("What was found out?").fill("A mix-up in the family.");
        supervisor.getByLabel(number).getByText("Nothing in it: release all").click();
        assertThat(supervisor.getByLabel(number).getByText("released: nothing in it"))
                .isVisible();
    }

    private Locator selected() {
        return desk.locator("tr[aria-selected=true]");
    }

    private void settleByKeys(String view) {
        desk.keyboard().press(view);
        desk.getByLabel("Why?").waitFor();
        desk.keyboard().press("Enter");
        desk.getByLabel("Why?")
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
    }

    private void button(String name) {
        desk.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }
}
