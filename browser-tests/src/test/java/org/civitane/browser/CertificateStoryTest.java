package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.civitane.server.demo.DemoPhoto;
import org.civitane.server.demo.MadeDocument;
import org.civitane.server.demo.MadePicture;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Someone asks for a certificate of conduct from a phone, pays for it and shows it; whoever is shown it checks it. */
public class CertificateStoryTest {
    private static final LocalDate BORN = LocalDate.of(1990, 4, 2);

    private Civitane civitane;
    private Page phone;
    private String number;

    @BeforeClass
    void start() throws IOException {
        civitane = Civitane.start();
    }

    @Test
    void asksForItWithAPhotoAndIsToldOfAMistypedDigit() {
        phone = civitane.visitor(390, 844);
        Applicant applicant = new Applicant(phone, "Selma Vinter", "nobody");
        applicant.makeAnAccount("selma.vinter@post.example", "certificate of conduct");
        phone.getByLabel("Date of birth").fill("2 April 1990");
        press("Save and go on");
        MadeDocument passport = MadeDocument.of(
                "PASSPORT",
                new MadeDocument.Of(
                        "Selma", "Vinter", BORN, LocalDate.of(2024, 1, 5), LocalDate.of(2034, 1, 5), "XH5510927"));
        List<String> zone = passport.zone();
        phone.getByLabel("Name, as it stands there").fill("Selma Vinter");
        phone.locator("input[type=file]")
                .first()
                .setInputFiles(new FilePayload(
                        "page.jpg", "image/jpeg", MadePicture.jpeg(passport, MadePicture.Spoilt.NOT, 0)));
        assertThat(phone.getByText("Read from your picture. Please look whether it is right."))
                .isVisible();
        assertThat(phone.getByLabel("Number")).hasValue("XH5510927");
        assertThat(phone.getByLabel("Date of birth")).hasValue("2 April 1990");
        assertThat(phone.getByLabel("Valid until")).hasValue("5 January 2034");
        Locator lines = phone.getByLabel("The two lines at the foot of the page");
        assertThat(lines).hasValue(String.join("\n", zone));
        lines.fill(zone.get(0) + "\n" + zone.get(1).replace("XH5510927", "XH5510928"));
        phone.keyboard().press("Tab");
        assertThat(phone.getByText("the number XH5510928 does not fit its check digit"))
                .isVisible();
        lines.fill(zone.get(0) + "\n" + zone.get(1));
        phone.keyboard().press("Tab");
        assertThat(phone.getByText("All check digits are right")).isVisible();
        assertThat(Accessibility.violations(phone)).isEmpty();
        press("Save and go on");
        press("Add a line");
        phone.getByLabel("From").fill("1 March 2019");
        phone.keyboard().press("Tab");
        assertThat(phone.getByText("Not covered: ")).isVisible();
        assertThat(Accessibility.violations(phone)).isEmpty();
        Civitane.picture(phone, "residence-phone");
        press("Save and go on");
        phone.getByLabel("What is it for?").selectOption("WORK");
        phone.getByLabel("In which country will you show it?").selectOption("NO");
        press("Save and go on");
        choosePhoto();
        press("Save and go on");
        phone.getByLabel("How many copies?").fill("2");
        phone.getByLabel("How do you want to get it?").selectOption("DESK");
        phone.getByLabel("Who comes for it?").selectOption("HOLDER");
        press("Save and go on");
    }

    private void choosePhoto() {
        phone.locator("input[type=file]")
                .first()
                .setInputFiles(new FilePayload("me.png", "image/png", DemoPhoto.png(1)));
        assertThat(phone.getByText("Move the frame so that your face fills the oval."))
                .isVisible();
        assertThat(phone.locator(".ReactCrop__crop-selection")).isVisible();
        Civitane.picture(phone, "photo-crop-phone");
        press("Use this photo");
        phone.getByLabel("When was it taken?")
                .fill(DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH)
                        .format(LocalDate.now().minusDays(4)));
        assertThat(phone.getByAltText("Your photo as it is here")).isVisible();
        assertThat(Accessibility.violations(phone)).isEmpty();
    }

    private void press(String button) {
        phone.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .click();
    }

    @Test
    void twoLookAtAPossibleMatchAndNeitherIsLedByTheOther() {
        Page first = civitane.signedIn("asa.mikkel@halvern.example");
        openRegisters(first);
        Locator beside = first.getByRole(AriaRole.TABLE)
                .filter(new Locator.FilterOptions().setHasText("Whom the register holds"));
        assertThat(beside.getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName("Born at")))
                .containsText("Norrhaven");
        assertThat(beside.getByText("= agrees")
                        .or(beside.getByText("≠ differs"))
                        .first())
                .isVisible();
        Civitane.picture(first, "second-look");
        say(first);
        assertThat(first.getByText("Someone else has to look as well.")).isVisible();
        Page second = civitane.signedIn("joao.brattli@halvern.example");
        assertThat(second.getByText("Your second look is wanted")).isVisible();
        second.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Lindqvist CC-"))
                .click();
        assertThat(second.getByText("One person has said it.")).isVisible();
        assertThat(second.getByText("Ása Mikkel: ")).hasCount(0);
        assertThat(Accessibility.violations(second)).isEmpty();
        say(second);
        assertThat(second.getByText("This was looked at and is settled.")).isVisible();
        assertThat(second.getByText("A certificate without entries").first()).isVisible();
    }

    private static void openRegisters(Page desk) {
        desk.getByLabel("Find a household or number").fill("Lindqvist");
        desk.getByRole(AriaRole.LISTBOX).getByText("Lindqvist").first().click();
        desk.getByText("Whether a possible match is this person").click();
        assertThat(desk.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Registers")))
                .hasAttribute("aria-selected", "true");
        assertThat(desk.getByText("A possible match in the police register")).isVisible();
    }

    private static void say(Page desk) {
        desk.getByLabel("It is someone else").check();
        desk.getByLabel("Why do you think so?").fill("Born six years later, and elsewhere.");
        desk.getByText("Say it", new Page.GetByTextOptions().setExact(true)).click();
    }

    @Test
    void paysOnThePageOfTheServiceAndHasItAtOnce() {
        Page holder = civitane.signedIn("anselm.brito@post.example", 390, 844);
        holder.navigate("/my");
        assertThat(holder.getByText("the fee of €36.00").first()).isVisible();
        holder.getByText("See the fee and pay it").click();
        assertThat(holder.getByText("2 copies at €18.00: the fee is €36.00.")).isVisible();
        assertThat(Accessibility.violations(holder)).isEmpty();
        Civitane.picture(holder, "fee-phone");
        holder.getByText("Pay €36.00").click();
        assertThat(holder.getByText("This page stands in for a bank's. No money moves."))
                .isVisible();
        holder.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Refuse").setExact(true))
                .click();
        holder.waitForURL(url -> url.endsWith("/fee"));
        holder.getByText("Pay €36.00").click();
        holder.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Pay").setExact(true))
                .click();
        assertThat(holder.getByText("Paid.")).isVisible();
        assertThat(holder.getByText("The receipt as PDF")).isVisible();
        number = holder.locator("b").last().innerText();
        byte[] pdf = holder.request()
                .get(holder.getByText("Open it as PDF").getAttribute("href"))
                .body();
        assertThat(new String(pdf, 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
    }

    @Test(dependsOnMethods = "paysOnThePageOfTheServiceAndHasItAtOnce")
    void whoeverIsShownItChecksItOnAPhone() {
        Page checker = civitane.visitor(390, 844);
        checker.navigate("/check/" + number);
        assertThat(checker.getByText("This office made it out, and it is valid."))
                .isVisible();
        assertThat(checker.getByText("Brito")).hasCount(0);
        assertThat(Accessibility.violations(checker)).isEmpty();
        Civitane.picture(checker, "check-certificate-phone");
        checker.getByLabel("Number of the certificate").fill("0000 0000 0000 0000");
        checker.getByText("Check it").click();
        assertThat(checker.getByText("No certificate has this number.")).isVisible();
    }

    @Test(dependsOnMethods = "paysOnThePageOfTheServiceAndHasItAtOnce")
    void caseworkerHandsItOver() {
        Page desk = civitane.signedIn("asa.mikkel@halvern.example");
        Page other = civitane.signedIn("joao.brattli@halvern.example");
        find(desk, number);
        find(other, number);
        assertThat(desk.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Anselm Brito")))
                .isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "handing-over");
        handOver(desk);
        assertThat(desk.getByText("It was handed over on").first()).isVisible();
        handOver(other);
        assertThat(other.getByText("It was handed over already")).isVisible();
        Page holder = civitane.signedIn("anselm.brito@post.example", 390, 844);
        holder.navigate("/my");
        holder.getByText("Fee and certificate").first().click();
        assertThat(holder.getByText("It was handed over on")).isVisible();
        assertThat(holder.getByText("How to fetch it, as PDF")).hasCount(0);
    }

    @Test
    void someoneElseFetchesItWithASignedAuthority() {
        Page desk = civitane.signedIn("asa.mikkel@halvern.example");
        desk.navigate("/handing-over");
        Locator waiting = desk.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Beatriz Holand"));
        waiting.getByRole(AriaRole.LINK).click();
        assertThat(desk.getByText("They bring an authority signed by the holder."))
                .isVisible();
        desk.getByLabel("Who comes for it?").fill("Ines Holand");
        handOver(desk);
        assertThat(desk.getByText("look at the authority that the holder signed"))
                .isVisible();
        desk.getByLabel("I have seen the signed authority.").check();
        handOver(desk);
        assertThat(desk.getByText("It was handed over on").first()).isVisible();
        assertThat(waiting).hasCount(0);
    }

    @Test
    void postGoesOutComesBackAndIsKeptToBeFetched() {
        Page desk = civitane.signedIn("asa.mikkel@halvern.example");
        desk.navigate("/handing-over");
        Locator post = desk.getByLabel("To go by post today");
        String sent = post.getByRole(AriaRole.LINK)
                .filter(new Locator.FilterOptions().setHasText("-"))
                .first()
                .innerText();
        String list = desk.request()
                .get(post.getByText("The list as CSV").getAttribute("href"))
                .text();
        assertThat(list).contains(sent, "Linnea Sarmento", "Cooper Street");
        desk.getByText("This one went by post").click();
        assertThat(desk.getByText("Nothing is to go by post today.")).isVisible();
        find(desk, sent);
        desk.getByLabel("Why did it come back?").fill("No such number.");
        desk.getByText("It came back", new Page.GetByTextOptions().setExact(true))
                .click();
        desk.getByText("Keep it to be fetched").click();
        assertThat(desk.getByText("It can be fetched from")).isVisible();
        assertThat(desk.getByLabel("Waits to be fetched").getByText(sent)).isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
    }

    private static void find(Page desk, String number) {
        desk.navigate("/handing-over");
        desk.getByLabel("Number of the document or of its claim").fill(number);
        desk.keyboard().press("Enter");
    }

    private static void handOver(Page desk) {
        desk.getByLabel("Which identity document did they show?").fill("Passport XH4410927");
        desk.getByText("Hand it over", new Page.GetByTextOptions().setExact(true))
                .click();
    }
}
