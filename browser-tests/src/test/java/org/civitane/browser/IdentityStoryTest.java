package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Base64;
import java.util.Locale;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.civitane.server.demo.MadeDocument;
import org.civitane.server.demo.MadePicture;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Someone who is asked who they are: told, shown what counts, photographs, signs, and is asked again for one paper. */
public class IdentityStoryTest {
    private static final LocalDate TODAY = LocalDate.now();
    /** Reading waits for its turn while the papers of the demo are read. */
    private static final LocatorAssertions.IsVisibleOptions READ =
            new LocatorAssertions.IsVisibleOptions().setTimeout(40_000);

    private static final String NAME = "Ragna Solheim-Quental";

    private Civitane civitane;
    private Page joao;
    private Applicant ragna;
    private Page phone;
    private String number;
    private int taps;
    private int made;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
        joao = civitane.signedIn("joao.brattli@halvern.example");
        ragna = applied(NAME, "ragna@post.example");
        phone = ragna.page();
        number = ragna.number();
        doubt(number, "Your name is on record with another person number.");
    }

    @Test
    public void fromTheNoticeToTheReceiptInFourteenTapsAndThreeMinutes() {
        Instant begun = Instant.now();
        phone.navigate("/my");
        tap(phone.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName("Answer").setExact(true)));
        phone.getByText("What counts").waitFor();
        assertThat(phone.getByText("Your name is on record with another person number."))
                .isVisible();
        assertThat(Accessibility.violations(phone)).isEmpty();
        Civitane.picture(phone, "who-before-phone");
        tapButton("Begin");
        phone.getByText("From the account").waitFor();
        assertThat(phone.getByText("r•••@post.example")).isVisible();
        assertThat(Accessibility.violations(phone)).isEmpty();
        tapButton("Yes, I filed this");
        tapButton("Passport");
        photograph(phone, made("PASSPORT", 700, 4));
        taps++;
        assertThat(phone.getByText("Sharp, bright and whole")).isVisible();
        phone.reload();
        assertThat(phone.getByText("Sharp, bright and whole")).isVisible();
        assertThat(Accessibility.violations(phone)).isEmpty();
        tapButton("Use this picture");
        assertThat(phone.getByText("It counts, as far as we could read it.")).isVisible(READ);
        tapButton("Bank statement");
        photograph(phone, made("BANK_STATEMENT", 20, 4));
        taps++;
        tapButton("Use this picture");
        assertThat(phone.getByText("This would be enough")).isVisible(READ);
        assertThat(Accessibility.violations(phone)).isEmpty();
        Civitane.picture(phone, "who-checklist-phone");
        tapButton("Go on and sign");
        tap(phone.getByLabel("Sign with your full name"));
        phone.keyboard().type(NAME);
        assertThat(Accessibility.violations(phone)).isEmpty();
        tapButton("Sign and hand in");
        assertThat(phone.getByText("Handed in. Thank you.")).isVisible();
        assertThat(phone.getByText(Pattern.compile("Receipt ID-\\d{4}-\\d{5}"))).isVisible();
        assertThat(Accessibility.violations(phone)).isEmpty();
        Civitane.picture(phone, "who-receipt-phone");
        assertThat(taps).as("taps").isLessThanOrEqualTo(14);
        assertThat(Duration.between(begun, Instant.now())).isLessThan(Duration.ofMinutes(3));
    }

    @Test(dependsOnMethods = "fromTheNoticeToTheReceiptInFourteenTapsAndThreeMinutes")
    public void oneDocumentIsSentBackAndAskedForAlone() {
        openGrid(number);
        assertThat(joao.getByText("Confirmed, once what came is accepted as it was read."))
                .isVisible();
        assertThat(Accessibility.violations(joao)).isEmpty();
        Civitane.picture(joao, "identity");
        joao.keyboard().press("a");
        assertThat(joao.getByText("✓ accepted")).hasCount(1);
        joao.keyboard().press("b");
        joao.getByLabel("Why does Bank statement not count?").fill("The name is cut off at the edge.");
        joao.keyboard().press("Enter");
        assertThat(joao.getByText("◆ sent back")).isVisible();
        phone.navigate("/my");
        phone.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Answer").setExact(true))
                .click();
        button(phone, "Go on where you were");
        button(phone, "Yes, I filed this");
        assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("One of your documents is wanted again");
        assertThat(phone.getByText("Sent back: The name is cut off at the edge."))
                .isVisible();
        assertThat(Accessibility.violations(phone)).isEmpty();
        button(phone, "Lease");
        photograph(phone, made("LEASE", 90, 4));
        button(phone, "Use this picture");
        assertThat(phone.getByText("This would be enough")).isVisible(READ);
        button(phone, "Go on and sign");
        phone.getByLabel("Sign with your full name").fill(NAME);
        button(phone, "Sign and hand in");
        assertThat(phone.getByText("Handed in. Thank you.")).isVisible();
    }

    @Test(dependsOnMethods = "oneDocumentIsSentBackAndAskedForAlone")
    public void whatIsAllRightTakesFourKeys() {
        joao.navigate("/identities");
        joao.getByText("Enough by the check").first().waitFor();
        assertThat(Accessibility.violations(joao)).isEmpty();
        openGrid(number);
        assertThat(joao.getByText("Confirmed, once what came is accepted as it was read."))
                .isVisible();
        joao.keyboard().press("a");
        assertThat(joao.getByText("Confirmed by documents: one with a photo, and a second one."))
                .isVisible();
        assertThat(joao.getByText("The claim goes on: who they are is confirmed."))
                .isVisible();
        joao.keyboard().press("g");
        joao.waitForURL(url -> !url.contains(idIn(joao.url())) || url.endsWith("/identities"));
    }

    @Test
    public void someoneNotSureGoesOnWithThePhoneAndALostNetwork() throws Exception {
        String name = "Ulf Peixoto-Strand";
        Applicant ulf = applied(name, "ulf@post.example", 1280, 800);
        String claim = ulf.number();
        doubt(claim, "Another claim gives the same telephone.");
        Page computer = ulf.page();
        computer.navigate("/my");
        computer.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Answer").setExact(true))
                .click();
        button(computer, "Begin");
        button(computer, "I am not sure");
        assertThat(computer.getByRole(AriaRole.MAIN).getByText("+999 555 0100")).isVisible();
        assertThat(computer.getByText("The last day to answer stays")).isVisible();
        button(computer, "Yes, I filed this");
        computer.getByText("Take the pictures with your phone instead").click();
        button(computer, "Show the code");
        Page camera = civitane.visitor(390, 844);
        camera.navigate(read(computer.getByAltText("A square code that opens this page on a phone")));
        assertThat(camera.getByText("of " + name + ".")).isVisible();
        button(camera, "Yes, take pictures for it");
        camera.waitForURL(url -> url.contains("/carry/"));
        button(camera, "Identity card");
        photograph(camera, new FilePayload("dark.jpg", "image/jpeg", spoilt(name)));
        assertThat(camera.getByText("It is dark.")).isVisible();
        Civitane.picture(camera, "who-picture-phone");
        button(camera, "Take it again");
        photograph(camera, new FilePayload("card.jpg", "image/jpeg", card(name)));
        button(camera, "Crop it");
        assertThat(camera.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("The part that is sent")))
                .isVisible();
        assertThat(Accessibility.violations(camera)).isEmpty();
        button(camera, "Use the whole picture");
        camera.context().setOffline(true);
        button(camera, "Use this picture");
        assertThat(camera.getByText("0.0 MB of")).isVisible();
        camera.context().setOffline(false);
        assertThat(camera.getByText("It counts, as far as we could read it.")).isVisible(READ);
        assertThat(Accessibility.violations(camera)).isEmpty();
        assertThat(camera.getByText("Sign and hand in")).hasCount(0);
        computer.reload();
        assertThat(computer.getByText("It counts, as far as we could read it.")).isVisible(READ);
        button(computer, "Go on with what is here");
        assertThat(computer.getByText("By the check this is not enough yet.")).isVisible();
        computer.getByLabel("Sign with your full name").fill(name);
        button(computer, "Sign and hand in");
        assertThat(computer.getByText("Handed in. Thank you.")).isVisible();
        showsOriginal(claim, name);
    }

    /** The second document is shown at the counter. */
    private void showsOriginal(String claim, String name) {
        openGrid(claim);
        joao.keyboard().press("a");
        assertThat(joao.getByText("✓ accepted")).hasCount(1);
        joao.getByText("An original was shown at the counter").click();
        joao.getByLabel("What is it?").selectOption("LEASE");
        joao.getByLabel("Name on it").fill(name);
        joao.getByLabel("What was compared?").fill("The name with the application.");
        button(joao, "It was seen");
        assertThat(joao.getByText("Confirmed by documents: one with a photo, and a second one."))
                .isVisible();
        assertThat(joao.getByText("original, at the counter")).isVisible();
        assertThat(Accessibility.violations(joao)).isEmpty();
    }

    private Applicant applied(String name, String email) {
        return applied(name, email, 390, 844);
    }

    private Applicant applied(String name, String email, int width, int height) {
        Applicant person = new Applicant(civitane.visitor(width, height), name, "Nils");
        person.makeAnAccount(email, "school meals");
        person.fillPeople();
        person.fillPupils();
        person.fillIncome("512,50");
        person.passSharing();
        person.fillContact();
        person.handIn();
        return person;
    }

    private void doubt(String claim, String why) {
        joao.navigate("/day-sheet");
        joao.getByLabel("Find a household or number").fill(claim);
        joao.getByRole(AriaRole.LISTBOX).getByText(claim).click();
        joao.getByText("Take this claim").click();
        joao.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Identity"))
                .click();
        joao.getByText("Ask the person who they are").click();
        joao.getByLabel("What is it about?").fill(why);
        button(joao, "Ask them");
        assertThat(joao.getByText("Asked whether they filed this")).isVisible();
    }

    private void openGrid(String claim) {
        joao.navigate("/day-sheet");
        joao.getByLabel("Find a household or number").fill(claim);
        joao.getByRole(AriaRole.LISTBOX).getByText(claim).click();
        joao.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Identity"))
                .click();
        joao.getByText("Every document beside the record").click();
        joao.getByText("What speaks against it").waitFor();
    }

    private static String idIn(String url) {
        return url.replaceAll("^.*/claims/([^/]+).*$", "$1");
    }

    private void tapButton(String name) {
        tap(phone.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true)));
    }

    private void tap(Locator what) {
        what.click();
        taps++;
    }

    private static void button(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first()
                .click();
    }

    /** Chooses a file where a camera would be opened; that tap is not counted here. */
    private static void photograph(Page page, FilePayload picture) {
        page.locator("input[type=file]").first().setInputFiles(picture);
    }

    private FilePayload made(String type, int daysAgo, int years) {
        String[] name = NAME.split(" ", 2);
        return new FilePayload(
                type.toLowerCase(Locale.ROOT) + ".jpg",
                "image/jpeg",
                MadePicture.jpeg(
                        MadeDocument.of(type, of(name, TODAY.minusDays(daysAgo), TODAY.plusYears(years))),
                        MadePicture.Spoilt.NOT,
                        0));
    }

    private byte[] card(String name) {
        return MadePicture.jpeg(
                MadeDocument.of("NATIONAL_ID", of(name.split(" ", 2), TODAY.minusYears(3), TODAY.plusYears(3))),
                MadePicture.Spoilt.NOT,
                0);
    }

    private byte[] spoilt(String name) {
        return MadePicture.jpeg(
                MadeDocument.of("NATIONAL_ID", of(name.split(" ", 2), TODAY.minusYears(3), TODAY.plusYears(3))),
                MadePicture.Spoilt.DARK,
                0.2);
    }

    private MadeDocument.Of of(String[] name, LocalDate issued, LocalDate expires) {
        return new MadeDocument.Of(
                name[0], name[1], LocalDate.of(1990, 4, 2), issued, expires, "B%08d".formatted(40_117 + 311 * made++));
    }

    /** What a square code on the page says, as a phone reads it. */
    private static String read(Locator picture) throws Exception {
        String address = picture.getAttribute("src");
        BufferedImage image = ImageIO.read(
                new ByteArrayInputStream(Base64.getDecoder().decode(address.substring(address.indexOf(',') + 1))));
        String whole = new QRCodeReader()
                .decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(
                        image.getWidth(),
                        image.getHeight(),
                        image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth())))))
                .getText();
        return whole.substring(whole.indexOf("/carry"));
    }
}
