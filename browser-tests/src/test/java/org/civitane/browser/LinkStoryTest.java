package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Those without an account, each on a phone: who signs with the applicant, and whom the claim asks outside. */
public class LinkStoryTest {
    private Civitane civitane;
    private Page signer;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
    }

    @Test
    void applicantSeesWhomTheClaimWaitsFor() {
        Page page = civitane.signedIn("liv.sorvag@post.example", 390, 844);
        page.navigate("/my");
        assertThat(page.getByText("We have it, and its date counts. We wait for the signature of Tomé Sørvåg"))
                .isVisible();
        page.getByText("Who else is asked").click();
        assertThat(page.getByText("The answer of Tarnmouth Lettings")).isVisible();
        assertThat(page.getByText("tome.sorvag@post.example")).hasCount(0);
        assertThat(Accessibility.violations(page)).isEmpty();
    }

    @Test
    void whoeverSignsSaysFirstWhoTheyAre() {
        signer = civitane.visitor(390, 844);
        signer.navigate(civitane.linkTo("tome.sorvag@post.example"));
        assertThat(signer.getByText("Your signature is needed")).isVisible();
        assertThat(signer.getByText("Rent arrears relief")).hasCount(0);
        confirm("0000");
        assertThat(signer.getByText("You can try 2 times more.")).isVisible();
        assertThat(Accessibility.violations(signer)).isEmpty();
        confirm("3471");
        assertThat(signer.getByText("Liv Sørvåg has applied for Rent arrears relief"))
                .isVisible();
    }

    @Test(dependsOnMethods = "whoeverSignsSaysFirstWhoTheyAre")
    void marksWhatIsNotRightLeavesAndComesBackAndSigns() {
        signer.getByLabel("This is not right: Income").click();
        signer.getByLabel("What is not right about “Income”?").fill("I teach a class on Saturdays.");
        assertThat(signer.getByText("Kept. You can leave and come back with the same link."))
                .isVisible();
        signer.reload();
        assertThat(signer.getByLabel("What is not right about “Income”?")).hasValue("I teach a class on Saturdays.");
        assertThat(Accessibility.violations(signer)).isEmpty();
        int width = (Integer) signer.evaluate("document.documentElement.scrollWidth");
        assertThat(width).isLessThanOrEqualTo(390);
        Civitane.picture(signer, "sign-phone");
        signer.getByLabel("Your name, as a signature").fill("Tom Sorvag");
        button(signer, "Sign").click();
        assertThat(signer.locator("[aria-invalid]")).hasCount(1);
        signer.getByLabel("Your name, as a signature").fill("tomé sørvåg");
        button(signer, "Sign").click();
        assertThat(signer.getByText("We have it; you need not do anything more."))
                .isVisible();
    }

    @Test(dependsOnMethods = "marksWhatIsNotRightLeavesAndComesBackAndSigns")
    void caseworkerLooksAtWhatIsSaidNotToBeRight() {
        Page desk = civitane.signedIn("asa.mikkel@halvern.example");
        desk.getByLabel("Find a household or number").fill("Sorvag");
        desk.getByRole(AriaRole.LISTBOX).getByText("Sørvåg").first().click();
        desk.waitForURL(url -> url.contains("/claims/"));
        desk.getByText("The outcome as it stands").waitFor();
        desk.getByText("Tomé Sørvåg says this is not right: Income").click();
        assertThat(desk.getByRole(AriaRole.TABPANEL).getByText("I teach a class on Saturdays."))
                .isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "others");
        desk.getByLabel("What did you find?").fill("Under the limit that counts; seen on a statement.");
        button(desk, "Looked at").click();
        assertThat(desk.getByText("Tomé Sørvåg says this is not right: Income")).hasCount(0);
        assertThat(desk.getByText("The answer of Tarnmouth Lettings").first()).isVisible();
    }

    @Test(dependsOnMethods = "caseworkerLooksAtWhatIsSaidNotToBeRight")
    void landlordSaysWhereTheMoneyGoes() {
        Page page = civitane.visitor(390, 844);
        page.navigate(civitane.linkTo("office@tarnmouth.example"));
        assertThat(page.getByText(
                        "Liv Sørvåg has asked us to pay rent that is owed to you, for the home with the post code"))
                .isVisible();
        page.getByLabel("Do you take the money").selectOption("YES");
        page.getByLabel("The account it goes to").fill("GB33 BUKB 2020 1555 5555 54");
        button(page, "Send the answer").click();
        assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
        page.getByLabel("The account it goes to").fill("GB33 BUKB 2020 1555 5555 55");
        assertThat(Accessibility.violations(page)).isEmpty();
        Civitane.picture(page, "landlord-phone");
        button(page, "Send the answer").click();
        assertThat(page.getByText("You answered on")).isVisible();
    }

    private void confirm(String last4) {
        signer.getByLabel("Your date of birth").fill("29.10.1988");
        signer.getByLabel("The last four digits of your person number").fill(last4);
        button(signer, "Go on").click();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
