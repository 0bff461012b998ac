package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A household applies for school meals, and a caseworker decides it. */
public class SchoolMealsStoryTest {
    private Civitane civitane;
    private Applicant parent;
    private Page desk;
    private String number;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
    }

    @Test
    void checkSaysWhyEitherWay() {
        Page page = civitane.visitor(1280, 800);
        page.navigate("/");
        assertThat(page.getByText("What do you need help with?")).isVisible();
        assertThat(Accessibility.violations(page)).isEmpty();
        Civitane.picture(page, "home");
        page.navigate("/programmes/school-meals");
        page.getByLabel("Yes").first().check();
        page.getByLabel("No").nth(1).check();
        page.getByLabel("How many people live with you").fill("2");
        page.getByLabel("About how much").fill("3015.01");
        page.getByLabel("How often?").selectOption("MONTHLY");
        page.getByText("Tell me").click();
        assertThat(page.getByText("Probably not, on these figures.")).isVisible();
        assertThat(page.getByText("is above the limit for reduced meals, €3,015.00, by €0.01."))
                .isVisible();
        assertThat(Accessibility.violations(page)).isEmpty();
        Civitane.picture(page, "check");
    }

    @Test
    void parentAppliesLeavesAndHandsInOnce() {
        parent = new Applicant(civitane.visitor(1280, 800), "Marisol Quental-Åkerdal", "Ivo");
        parent.makeAnAccount("marisol@post.example", "school meals");
        parent.fillPeople();
        parent.fillPupils();
        parent.heading("What do you live on?");
        parent.page().getByText("Leave, and come back later").click();
        parent.page().getByText("Go on with school meals").click();
        parent.fillIncome("412");
        parent.passSharing();
        parent.fillContact();
        assertThat(parent.page().getByText("Free meals for Ivo")).isVisible();
        parent.handIn();
        number = parent.number();
        parent.page().navigate("/apply/school-meals");
        assertThat(parent.page().getByText("You have applied for")).isVisible();
        parent.page().navigate("/my");
        assertThat(parent.page().getByText(number)).hasCount(1);
        assertThat(parent.page().getByText("We have it. A caseworker looks at it"))
                .isVisible();
    }

    @Test(dependsOnMethods = "parentAppliesLeavesAndHandsInOnce")
    void caseworkerFindsTheClaimByMisspeltNameAndTakesIt() {
        desk = civitane.signedIn("asa.mikkel@halvern.example");
        assertThat(desk.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Running out")))
                .isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "day-sheet");
        desk.getByLabel("Find a household or number").fill("marysol kwental");
        desk.getByRole(AriaRole.LISTBOX).getByText(number).click();
        desk.getByText("Take this claim").click();
        assertThat(desk.getByText("Waiting for you: nothing that matters is in the way"))
                .isVisible();
    }

    @Test(dependsOnMethods = "caseworkerFindsTheClaimByMisspeltNameAndTakesIt")
    void caseworkerSettlesAFactAndTakesItBack() {
        desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("only said"))
                .nth(1)
                .click();
        desk.getByLabel("Another figure").check();
        desk.getByLabel("Wages, Tarn Quay Bakery").fill("486.50");
        desk.getByLabel("Why?").fill("The newest slip says so.");
        desk.getByText("Settle it").click();
        assertThat(desk.getByText("Reduced-price meals").first()).isVisible();
        assertThat(desk.getByText("✓ €486.50 a week")).isVisible();
        Civitane.picture(desk, "desk");
        assertThat(Accessibility.violations(desk)).isEmpty();
        desk.getByText("✓ €486.50 a week").click();
        desk.getByText("Take the settlement back").click();
        assertThat(desk.getByText("Take the settlement back")).hasCount(0);
        assertThat(desk.getByText("Free meals").first()).isVisible();
    }

    @Test(dependsOnMethods = "caseworkerSettlesAFactAndTakesItBack")
    void caseworkerAsksForACorrection() {
        desk.bringToFront();
        desk.getByText("Wages, Tarn Quay Bakery").first().click();
        // whether or not the window is in front, which is not the page's doing
        Civitane.await("the chosen row has the focus", () ->
                (Boolean) desk.evaluate("() => document.activeElement?.matches('tr[aria-selected=true]') ?? false"));
        desk.keyboard().press("f");
        desk.getByLabel("What is wrong or unclear, said to the applicant").fill("Which months does this cover?");
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "fix-list");
        desk.getByText("Send it").click();
        assertThat(desk.getByText("Waiting for the applicant: one point of the fix list"))
                .isVisible();
    }

    @Test(dependsOnMethods = "caseworkerAsksForACorrection")
    void parentSeesOnlyThePointAndAnswers() {
        Page page = parent.page();
        page.navigate("/my");
        assertThat(page.getByText("We need something from you by")).isVisible();
        assertThat(Accessibility.violations(page)).isEmpty();
        Civitane.picture(page, "my-claims");
        page.getByText("Put it right").click();
        assertThat(page.getByText("Which months does this cover?")).isVisible();
        assertThat(page.locator("form section")).hasCount(1);
        page.getByLabel("How much?").fill("446,50");
        page.getByLabel("Anything to add?").fill("It covers August to October.");
        assertThat(Accessibility.violations(page)).isEmpty();
        Civitane.picture(page, "fix-answer");
        page.getByText("Hand in my answers").click();
        assertThat(page.getByText("A caseworker is working on it")).isVisible();
    }

    @Test(dependsOnMethods = "parentSeesOnlyThePointAndAnswers")
    void claimComesBackWithBeforeAndAfter() {
        desk.navigate("/day-sheet");
        assertThat(desk.getByLabel("Came back").getByText(number)).isVisible();
        desk.getByLabel("Compare: Quental-Åkerdal").click();
        assertThat(desk.getByText("What came back")).isVisible();
        assertThat(desk.locator("del")).hasText("€412.00");
        assertThat(desk.locator("ins")).hasText("€446.50");
        assertThat(desk.getByText("It covers August to October.")).isVisible();
        Civitane.picture(desk, "came-back");
    }

    @Test(dependsOnMethods = "claimComesBackWithBeforeAndAfter")
    void caseworkerDecidesAndTheParentFindsTheLetter() {
        desk.getByText("Decide …").click();
        assertThat(desk.getByText("The letter as it will go out")).isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
        assertThat(desk.getByText("Our decision on your claim")).isVisible();
        Civitane.picture(desk, "decide");
        desk.getByText("Decide and send the letter").click();
        assertThat(desk.getByText("Decided; the letter is in the applicant's claims."))
                .isVisible();
        Page page = parent.page();
        page.navigate("/my");
        assertThat(page.getByText("Free meals for Ivo")).isVisible();
        Civitane.picture(page, "my-claims-decided");
        page.getByText("Open the letter").click();
        assertThat(page.getByText("How we worked it out")).isVisible();
        String letter = page.getByText("The letter as PDF").getAttribute("href");
        APIResponse pdf = page.request().get(letter);
        assertThat(new String(pdf.body(), 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
    }

    @Test
    void parentAppliesFromAPhone() {
        Applicant phone = new Applicant(civitane.visitor(390, 844), "Torvald Vaz Holm", "Lívia");
        phone.makeAnAccount("torvald@post.example", "school meals");
        phone.fillPeople();
        phone.fillPupils();
        phone.fillIncome("512,50");
        phone.passSharing();
        phone.fillContact();
        assertThat(phone.page().getByText("Reduced-price meals for Lívia")).isVisible();
        phone.handIn();
        Civitane.picture(phone.page(), "receipt-phone");
        int width = (Integer) phone.page().evaluate("document.documentElement.scrollWidth");
        org.assertj.core.api.Assertions.assertThat(width).isLessThanOrEqualTo(390);
    }

    @Test
    void everyOtherScreenIsAccessible() {
        Page page = civitane.visitor(390, 844);
        for (String address : java.util.List.of("/sign-in", "/sign-up", "/rulebook", "/programmes/school-meals")) {
            page.navigate(address);
            page.locator("h1").waitFor();
            assertThat(Accessibility.violations(page)).as(address).isEmpty();
        }
    }

    @Test
    void auditorSeesTheDeskAndNoWayToChangeIt() {
        Page auditor = civitane.signedInWithItsCode("edda.holm@halvern.example");
        auditor.getByText("Office").click();
        auditor.getByLabel("New").getByText("Open").first().click();
        assertThat(auditor.getByText("The working").first()).isVisible();
        assertThat(auditor.getByText("Decide …")).hasCount(0);
        assertThat(auditor.getByText("Fix list ·")).hasCount(0);
    }
}
