package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Someone who forgot their password sets a new one from a phone, and sees where they are signed in. */
public class PasswordStoryTest {
    private static final String EMAIL = "marit.solheim@post.example";
    private static final String NEW = "seven herons over the quay";

    private Civitane civitane;

    @BeforeClass
    void start() throws IOException {
        civitane = Civitane.start();
    }

    @Test
    public void aForgottenPasswordIsSetAnewByALink() {
        Page before = civitane.visitor(1280, 800);
        new Applicant(before, "Marit Solheim", "nobody").makeAnAccount(EMAIL, "certificate of conduct");
        Page phone = civitane.visitor(390, 844);
        phone.navigate("/sign-in");
        phone.getByText("Forgot your password?").click();
        // the page before has a field of that name as well, and stays until this one is there
        phone.getByText("Send the link").waitFor();
        phone.getByLabel("E-mail address").fill(EMAIL);
        press(phone, "Send the link");
        assertThat(phone.getByText("If an account has this address, a link is on its way to it."))
                .isVisible();
        assertThat(Accessibility.violations(phone)).isEmpty();
        phone.navigate(civitane.newPasswordLinkTo(EMAIL));
        phone.getByLabel("New password").fill("password1234");
        press(phone, "Set it");
        assertThat(phone.getByText("This password can be guessed quickly")).isVisible();
        phone.getByLabel("New password").fill(NEW);
        press(phone, "Set it");
        assertThat(phone.getByText("Your new password is set.")).isVisible();
        assertThat(Accessibility.violations(phone)).isEmpty();
        phone.getByText("Back to signing in").click();
        phone.getByLabel("E-mail address").fill(EMAIL);
        phone.getByLabel("Password").fill(NEW);
        phone.locator("form button[type=submit]").click();
        phone.waitForURL(url -> url.endsWith("/my"));
        phone.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Your account"))
                .click();
        assertThat(phone.getByText("· this one")).isVisible();
        assertThat(Accessibility.violations(phone)).isEmpty();
        Civitane.picture(phone, "account-phone");
        phone.getByLabel("Your password until now").fill("not this one");
        phone.getByLabel("New password").fill("nine swans below the bridge");
        press(phone, "Change your password");
        assertThat(phone.getByText("This is not your password.")).isVisible();
    }

    private static void press(Page page, String button) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .click();
    }
}
