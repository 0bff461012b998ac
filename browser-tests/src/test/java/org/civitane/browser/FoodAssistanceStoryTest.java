package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.imageio.ImageIO;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A household applies for food assistance from a phone, and a caseworker decides it. */
public class FoodAssistanceStoryTest {
    private Civitane civitane;
    private Applicant mother;
    private Page desk;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
    }

    @Test
    void checkSaysWhyEitherWay() {
        Page page = civitane.visitor(1280, 800);
        page.navigate("/programmes/food-assistance");
        page.getByLabel("How many of you").fill("2");
        page.getByLabel("About how much").fill("2178.01");
        page.getByText("Tell me").click();
        assertThat(page.getByText("This is not answered yet.")).hasCount(3);
        assertThat(page.getByLabel("How much rent")).isFocused();
        page.getByLabel("How much rent").fill("0");
        page.getByLabel("How much do you have").fill("0");
        page.getByLabel("No").check();
        page.getByText("Tell me").click();
        assertThat(page.getByText("Probably not, on these figures.")).isVisible();
        assertThat(page.getByText(
                        "Your €2,178.01 a month before deductions is above the limit of €2,178.00, by €0.01."))
                .isVisible();
        assertThat(Accessibility.violations(page)).isEmpty();
        Civitane.picture(page, "check-food");
    }

    @Test
    void motherAppliesFromAPhone() {
        mother = new Applicant(civitane.visitor(390, 844), "Ylva Tindvåg", "Embla");
        mother.makeAnAccount("ylva.tindvag@post.example", "food assistance");
        mother.fillPeople();
        mother.fillMeals();
        mother.fillIncome("325,40");
        mother.fillWhatTheyOwn("640,15");
        mother.fillCosts("780");
        mother.fillContact();
        mother.estimateSays("About €439.00 a month");
        assertThat(mother.page().getByLabel("Last four digits of your person number"))
                .hasCount(0);
        Civitane.picture(mother.page(), "read-back-food-phone");
        mother.handIn();
        int width = (Integer) mother.page().evaluate("document.documentElement.scrollWidth");
        assertThat(width).isLessThanOrEqualTo(390);
    }

    @Test(dependsOnMethods = "motherAppliesFromAPhone")
    void caseworkerSeesWhatWasSaidAndWhatComesOfIt() {
        desk = civitane.signedIn("joao.brattli@halvern.example");
        desk.getByLabel("Find a household or number").fill("Tindvag");
        desk.getByRole(AriaRole.LISTBOX).getByText("Tindvåg").first().click();
        desk.getByText("Take this claim").click();
        assertThat(desk.getByText("Waiting for you: 2 things stand in the way")).isVisible();
        assertThat(desk.getByText("439.00 a month for 12 months")).isVisible();
        assertThat(desk.getByText("780.00 a month").first()).isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "desk-food");
    }

    @Test(dependsOnMethods = "caseworkerSeesWhatWasSaidAndWhatComesOfIt")
    void motherSendsAPhotoAndIsToldWhatIsNoPaper() throws Exception {
        Page page = mother.page();
        page.navigate("/my");
        assertThat(page.getByText("Please send 3 papers by")).isVisible();
        page.getByText("Send the papers").click();
        assertThat(page.getByText("An identity document of Ylva Tindvåg")).isVisible();
        page.getByLabel("Choose files: Pay slips of Ylva Tindvåg").setInputFiles(new FilePayload[] {
            new FilePayload("slip.png", "image/png", picture()),
            new FilePayload("holiday.pdf", "application/pdf", "no paper".getBytes(StandardCharsets.UTF_8))
        });
        assertThat(page.getByText("received; we look at it")).isVisible();
        assertThat(page.getByText("This file is no JPEG, PNG, TIFF or PDF, whatever its name says."))
                .isVisible();
        assertThat(Accessibility.violations(page)).isEmpty();
        Civitane.picture(page, "papers-phone");
    }

    @Test(dependsOnMethods = "motherSendsAPhotoAndIsToldWhatIsNoPaper")
    void caseworkerLooksAtThePaperBesideTheFactsAndAcceptsIt() {
        desk.reload();
        desk.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("slip.png"))
                .click();
        assertThat(desk.getByLabel("slip.png, page 1")).isVisible();
        desk.keyboard().press("+");
        assertThat(desk.getByLabel("slip.png, page 1")).hasAttribute("width", "150%");
        assertThat(Accessibility.violations(desk)).isEmpty();
        desk.keyboard().press("-");
        Civitane.picture(desk, "paper");
        assertThat(desk.getByText("Accept it")).isEnabled();
        desk.keyboard().press("a");
        assertThat(desk.getByText("✓ accepted").first()).isVisible();
        doWithout("An identity document of Ylva Tindvåg", "Seen at the counter.");
        doWithout("What they pay for rent or mortgage", "The landlord told us.");
        assertThat(desk.getByText("Waiting for you: nothing that matters is in the way"))
                .isVisible();
    }

    private void button(String name) {
        desk.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    private void doWithout(String title, String reason) {
        desk.getByLabel("Do without it: " + title).click();
        desk.getByLabel("Why?").fill(reason);
        button("Do without");
        assertThat(desk.getByText("done without: " + reason)).isVisible();
    }

    /** A pay slip as a phone would take it. */
    private static byte[] picture() throws IOException {
        BufferedImage image = new BufferedImage(900, 1200, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, image.getWidth(), image.getHeight());
        pen.setColor(Color.DARK_GRAY);
        pen.setFont(pen.getFont().deriveFont(40f));
        List<String> lines =
                List.of("Tarn Quay Bakery", "Pay slip", "Ylva Tindvåg", "16 to 22 November 2026", "Gross 325.40");
        for (int i = 0; i < lines.size(); i++) {
            pen.drawString(lines.get(i), 90, 140 + i * 90);
        }
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    @Test(dependsOnMethods = "caseworkerLooksAtThePaperBesideTheFactsAndAcceptsIt")
    void caseworkerDecidesAndTheLetterSaysHowMuch() {
        desk.getByText("Decide …").click();
        assertThat(desk.getByText("The letter as it will go out")).isVisible();
        Civitane.picture(desk, "decide-food");
        desk.getByText("Decide and send the letter").click();
        assertThat(desk.getByText("Decided; the letter is in the applicant's claims."))
                .isVisible();
        Page page = mother.page();
        page.navigate("/my");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open the letter")))
                .isVisible();
    }

    @Test(dependsOnMethods = "caseworkerDecidesAndTheLetterSaysHowMuch")
    void motherTellsWhereTheMoneyGoesAndSeesWhatIsPaidWhen() {
        Page page = mother.page();
        assertThat(page.getByText("which account we pay to")).isVisible();
        page.getByText("Tell us the account").click();
        page.getByLabel("Account number (IBAN)").fill("XH00 1204 0000 0000 0012");
        page.getByLabel("In whose name is the account?").fill("Ylva Tindvåg");
        page.getByText("Pay to this account").click();
        assertThat(page.getByText("This is no account number that money can be sent to."))
                .isVisible();
        page.getByLabel("Account number (IBAN)").fill("XH23 1204 0000 0000 1234");
        page.getByText("Pay to this account").click();
        assertThat(page.getByText("Thank you. We pay to the account ending in 1234."))
                .isVisible();
        assertThat(page.getByRole(AriaRole.CELL, new Page.GetByRoleOptions().setName("439.00"))
                        .first())
                .isVisible();
        assertThat(Accessibility.violations(page)).isEmpty();
        Civitane.picture(page, "account-phone");
        desk.navigate(desk.url().replace("/decide", ""));
        desk.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("What follows"))
                .click();
        assertThat(desk.getByText("It goes to the account of Ylva Tindvåg ending in 1234."))
                .isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
    }
}
