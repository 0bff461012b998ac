package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** What a caseworker and an applicant send each other: points answered one by one, more time, messages, a known household. */
public class CorrespondenceStoryTest {
    private static final int FOOD_OF_A_KNOWN_HOUSEHOLD = 1;

    private Civitane civitane;
    private Applicant parent;
    private Page desk;
    private String number;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
        parent = new Applicant(civitane.visitor(390, 844), "Jorunn Hvalsund-Moe", "Alva");
        parent.makeAnAccount("jorunn@post.example", "school meals");
        parent.fillPeople();
        parent.fillPupils();
        parent.fillIncome("412");
        parent.passSharing();
        parent.fillContact();
        parent.handIn();
        number = parent.number();
        desk = civitane.signedIn("joao.brattli@halvern.example");
    }

    @Test
    public void twoPointsAreAskedAndOneIsAnsweredFirst() {
        desk.getByLabel("Find a household or number").fill(number);
        desk.getByRole(AriaRole.LISTBOX).getByText(number).click();
        desk.getByText("Take this claim").click();
        assertThat(desk.getByText("Take this claim")).hasCount(0);
        assertThat(desk.getByText("Do not call. Ask for Ana.")).isVisible();
        assertThat(desk.getByText("register's answer on")).hasCount(0);
        desk.bringToFront();
        desk.getByText("Wages, Tarn Quay Bakery").first().click();
        desk.keyboard().press("f");
        assertThat(desk.getByLabel("What is wrong or unclear, said to the applicant"))
                .hasCount(1);
        desk.getByText("Born", new Page.GetByTextOptions().setExact(true))
                .nth(1)
                .click();
        desk.keyboard().press("f");
        desk.getByText("Send it").click();
        assertThat(desk.getByText("Waiting for the applicant: 2 points of the fix list"))
                .isVisible();
        Page page = parent.page();
        page.navigate("/my");
        page.getByText("Put it right").click();
        page.getByLabel("How much?").fill("446,50");
        page.getByText("You can hand in what you have now").waitFor();
        assertThat(Accessibility.violations(page)).isEmpty();
        Civitane.picture(page, "fix-answer-phone");
        page.getByText("Hand in my answers").click();
        assertThat(page.getByText("Answered. A caseworker looks at it.")).isVisible();
    }

    @Test(dependsOnMethods = "twoPointsAreAskedAndOneIsAnsweredFirst")
    public void moreTimeIsAskedForAndGranted() {
        Page page = parent.page();
        page.getByText("I need more time").click();
        page.getByLabel("How many days?").fill("5");
        page.getByLabel("Why?").fill("I wait for the birth certificate.");
        page.getByText("Ask for more time").click();
        assertThat(page.getByText("You asked for 5 more days")).isVisible();
        desk.reload();
        assertThat(desk.getByText("The applicant asks for 5 more days").first()).isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
        desk.getByText("Grant it").click();
        assertThat(desk.getByText("The applicant asks for 5 more days")).hasCount(0);
        page.reload();
        assertThat(page.getByText("You got 5 more days.")).isVisible();
        page.getByText("It is right as it is").click();
        page.getByText("Hand in my answers").click();
        assertThat(page.getByText("A caseworker is working on it")).isVisible();
        desk.reload();
        assertThat(desk.getByText("Round 1 · answered")).isVisible();
        assertThat(desk.locator("ins").first()).hasText("€446.50");
    }

    @Test(dependsOnMethods = "moreTimeIsAskedForAndGranted")
    public void messagesGoBothWaysAndWordOfThemGoesOut() {
        Page page = parent.page();
        page.navigate("/my");
        page.getByText("Messages", new Page.GetByTextOptions().setExact(true)).click();
        page.getByLabel("Write to your caseworker").fill("Do you need the slips as well?");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Send"))
                .click();
        assertThat(page.getByText("Do you need the slips as well?").first()).isVisible();
        assertThat(Accessibility.violations(page)).isEmpty();
        Civitane.picture(page, "messages-phone");
        desk.reload();
        desk.getByText("A message is unread").click();
        assertThat(desk.getByText("Do you need the slips as well?")).isVisible();
        desk.getByLabel("Write to the applicant").fill("No, thank you.");
        desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Send"))
                .click();
        assertThat(desk.getByLabel("Write to the applicant")).hasValue("");
        assertThat(desk.getByText("No, thank you.").first()).isVisible();
        page.navigate("/my");
        assertThat(page.getByText("One new message")).isVisible();
        desk.getByText("Outside services").click();
        assertThat(desk.getByText("jorunn@post.example").first()).isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "outside");
    }

    @Test(dependsOnMethods = "messagesGoBothWaysAndWordOfThemGoesOut")
    public void aSilentRegisterIsSeenAndDoneWithout() {
        desk.getByLabel("Wage register").selectOption("DOWN");
        Civitane.open(desk, "SM", Integer.parseInt(number.substring(number.length() - 5)));
        tab("Registers");
        desk.getByText("Ask again").last().click();
        assertThat(desk.getByText("did not answer").first()).isVisible();
        desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Go on without it"))
                .first()
                .click();
        desk.getByLabel("Why?").fill("The employer confirmed it.");
        desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Go on without it"))
                .last()
                .click();
        assertThat(desk.getByText("done without: The employer confirmed it.").first())
                .isVisible();
        desk.navigate("/outside");
        desk.getByLabel("Wage register").selectOption("ANSWERS");
    }

    @Test(dependsOnMethods = "aSilentRegisterIsSeenAndDoneWithout")
    public void aKnownHouseholdIsConfirmedAndItsPapersServe() {
        Page asa = civitane.signedIn("asa.mikkel@halvern.example");
        Civitane.open(asa, "FA", FOOD_OF_A_KNOWN_HOUSEHOLD);
        asa.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Household").setExact(true))
                .click();
        assertThat(asa.getByText("the same person number").first()).isVisible();
        asa.getByLabel("The same person: Runa Ostby").first().click();
        assertThat(asa.getByText("✓ the same person").first()).isVisible();
        assertThat(Accessibility.violations(asa)).isEmpty();
        Civitane.picture(asa, "household");
    }

    private void tab(String name) {
        desk.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }
}
