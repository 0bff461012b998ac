package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A second step on a phone, an account on paper, and accounts of staff in the hands of a supervisor. */
public class SignInStoryTest {
    private static final String NEW = "seven herons over the quay";

    private Civitane civitane;

    @BeforeClass
    void start() throws IOException {
        civitane = Civitane.start();
    }

    @Test
    public void anApplicantTurnsASecondStepOnAndUsesIt() {
        Page phone = civitane.visitor(390, 844);
        String email = "solvei.brandt@post.example";
        new Applicant(phone, "Solvei Brandt", "nobody").makeAnAccount(email, "certificate of conduct");
        phone.navigate("/account");
        button(phone, "Set it up");
        phone.getByText("By text message to your phone").click();
        phone.getByLabel("Your mobile number").fill("+4791234567");
        phone.getByLabel("Your password", exactly()).fill(Civitane.PASSWORD);
        button(phone, "Go on");
        phone.getByLabel("Code", exactly()).fill(Civitane.codeSent(phone));
        Civitane.picture(phone, "second-step-set-up-phone");
        button(phone, "Turn it on");
        String recovery = phone.getByTestId("recovery").locator("code").first().innerText();
        assertThat(Accessibility.violations(phone)).isEmpty();
        button(phone, "I have kept them");
        assertThat(phone.getByText("8 recovery codes are left.")).isVisible();
        Page again = civitane.signedInAsFarAs(email, 390, 844);
        assertThat(again.getByText("We have sent a code to your phone, ••• 67."))
                .isVisible();
        assertThat(Accessibility.violations(again)).isEmpty();
        Civitane.picture(again, "second-step-phone");
        again.getByLabel("Code", exactly()).fill("123");
        button(again, "Go on");
        assertThat(again.getByText("This is not the code")).isVisible();
        again.getByLabel("Code", exactly()).fill(recovery);
        button(again, "Go on");
        again.waitForURL(url -> url.endsWith("/my"));
        again.navigate("/account");
        assertThat(again.getByText("7 recovery codes are left.")).isVisible();
        Civitane.picture(again, "own-account-phone");
        button(again, "Close your account …");
        again.getByLabel("Your password", exactly()).fill(Civitane.PASSWORD);
        button(again, "Close it for good");
        again.waitForURL(url -> url.endsWith("/"));
        Page closed = civitane.signedInAsFarAs(email, 390, 844);
        assertThat(closed.getByText("is not right")).isVisible();
    }

    @Test
    public void theDemoSaysTheCodeOfAnAccountThatHasASecondStep() {
        Page auditor = civitane.signedInAsFarAs("edda.holm@halvern.example", 1280, 800);
        assertThat(auditor.getByText("Only in the demo")).isVisible();
        assertThat(Accessibility.violations(auditor)).isEmpty();
        Civitane.picture(auditor, "second-step-demo");
    }

    @Test
    public void whoeverHasNoMailStartsWithAPaperFromTheCounter() {
        Page desk = civitane.signedIn("asa.mikkel@halvern.example");
        desk.navigate("/handing-over");
        desk.getByText("Start an account for someone without e-mail").click();
        assertThat(Accessibility.violations(desk)).isEmpty();
        desk.getByLabel("Their full name").fill("Þóra Ísak");
        button(desk, "Start it");
        Locator paper = desk.locator("section dl b");
        String name = paper.first().innerText();
        String code = paper.last().innerText();
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "counter-account");
        Page phone = civitane.visitor(390, 844);
        phone.navigate("/sign-in");
        phone.getByText("You have a code on paper?").click();
        phone.getByLabel("Code on the paper").fill(code.toLowerCase());
        phone.getByLabel("New password").fill(NEW);
        Civitane.picture(phone, "code-on-paper-phone");
        button(phone, "Set it");
        assertThat(phone.getByText("Your new password is set.")).isVisible();
        phone.getByText("Back to signing in").click();
        phone.getByLabel("E-mail address or sign-in name").fill(name);
        phone.getByLabel("Password").fill(NEW);
        phone.locator("form button[type=submit]").click();
        phone.waitForURL(url -> url.endsWith("/my"));
    }

    @Test
    public void aSupervisorMakesAnAccountAndASecondOneHasToAgreeToAnotherSupervisor() {
        Page supervisor = civitane.signedIn("sunniva.reis@halvern.example");
        supervisor.navigate("/accounts");
        supervisor.getByLabel("Full name").fill("Ivar Lunde");
        supervisor.getByLabel("E-mail address at work").fill("ivar.lunde@halvern.example");
        button(supervisor, "Make it, send the invitation");
        assertThat(supervisor.getByText("The invitation to ivar.lunde@halvern.example is on its way."))
                .isVisible();
        supervisor.getByLabel("Change the role of Ivar Lunde").selectOption("SUPERVISOR");
        assertThat(supervisor.getByText("Another supervisor has to agree.")).isVisible();
        assertThat(Accessibility.violations(supervisor)).isEmpty();
        Civitane.picture(supervisor, "accounts");
        Page invited = civitane.visitor(1280, 800);
        invited.navigate(civitane.newPasswordLinkTo("ivar.lunde@halvern.example"));
        invited.getByLabel("New password").fill(NEW);
        button(invited, "Set it");
        assertThat(invited.getByText("Your new password is set.")).isVisible();
    }

    private static Page.GetByLabelOptions exactly() {
        return new Page.GetByLabelOptions().setExact(true);
    }

    private static void button(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }
}
