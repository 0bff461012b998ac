package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.civitane.core.person.PersonNumber;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Rent that is owed, from the first question to the booked payment: tenant, other tenant, landlord, caseworker. */
public class RentArrearsStoryTest {
    private static final String OTHERS_NUMBER = "1403870512";
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMMM uuuu", Locale.ENGLISH);

    private Civitane civitane;
    private Applicant tenant;
    private Page phone;
    private Page desk;
    private String number;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
    }

    @Test
    void checkSaysWhatEachMonthWouldComeTo() {
        Page page = civitane.visitor(1280, 800);
        page.navigate("/programmes/rent-arrears");
        page.getByLabel("How many people live with you").fill("2");
        page.getByLabel("About how much").fill("1300");
        page.getByLabel("How many bedrooms").fill("1");
        page.getByLabel("How much is the rent").fill("800");
        page.getByLabel("For how many months").fill("2");
        page.getByText("Tell me").click();
        assertThat(page.getByText("Yes: it looks like rent arrears relief")).isVisible();
        assertThat(page.getByText("For " + last(1) + " €800.00 is owed. €760.00 of it is paid"))
                .isVisible();
        assertThat(Accessibility.violations(page)).isEmpty();
    }

    @Test
    void tenantAppliesFromAPhone() {
        tenant = new Applicant(civitane.visitor(390, 844), "Nanna Feirão", "Aksel");
        phone = tenant.page();
        tenant.makeAnAccount("nanna.feirao@post.example", "rent arrears relief");
        tenant.fillPartner("14.3.1987");
        fillHardshipAndHome();
        fillLease();
        fillMonths();
        tenant.fillIncome("250");
        tenant.heading("What do you live on?");
        phone.getByLabel("Aksel receives nothing").check();
        goOn();
        tenant.heading("What do you have, and what does care cost?");
        phone.getByText("We have nothing of the kind").click();
        phone.getByText("We pay for nothing of the kind").click();
        goOn();
        tenant.heading("Your landlord");
        phone.getByLabel("Name of the person or company").fill("Selje Row");
        goOn();
        tenant.fillContact();
        tenant.estimateSays("About €1,460.00, if a caseworker finds it so.");
        assertThat(phone.getByText("Helped with already: " + last(3))).isVisible();
        tenant.handIn();
        number = tenant.number();
    }

    @Test(dependsOnMethods = "tenantAppliesFromAPhone")
    void theOthersAreReachedAndTheOtherTenantSigns() {
        phone.navigate("/my");
        assertThat(phone.getByText("Please tell us how to reach whoever is asked for the signature of Aksel"))
                .isVisible();
        phone.getByText("Tell us how to reach them").first().click();
        tenant.reach("Aksel", "aksel.feirao@post.example", OTHERS_NUMBER + PersonNumber.checkDigit(OTHERS_NUMBER));
        tenant.reach("Selje Row", "office@selje.example", "");
        Page aksel = civitane.visitor(390, 844);
        aksel.navigate(civitane.linkTo("aksel.feirao@post.example"));
        aksel.getByLabel("Your date of birth").fill("14.3.1987");
        String digits = OTHERS_NUMBER + PersonNumber.checkDigit(OTHERS_NUMBER);
        aksel.getByLabel("The last four digits of your person number").fill(digits.substring(digits.length() - 4));
        button(aksel, "Go on").click();
        assertThat(aksel.getByText("Selje Row")).isVisible();
        aksel.getByLabel("Your name, as a signature").fill("Aksel Feirão");
        button(aksel, "Sign").click();
        assertThat(aksel.getByText("We have it; you need not do anything more."))
                .isVisible();
    }

    @Test(dependsOnMethods = "theOthersAreReachedAndTheOtherTenantSigns")
    void landlordSaysMonthByMonthWhatIsOwed() {
        Page landlord = civitane.visitor(390, 844);
        landlord.navigate(civitane.linkTo("office@selje.example"));
        landlord.getByLabel("Do you take the money").selectOption("YES");
        landlord.getByLabel("The account it goes to").fill("GB33 BUKB 2020 1555 5555 55");
        landlord.getByLabel("Owed, " + last(1)).fill("700");
        Civitane.picture(landlord, "landlord-phone");
        landlord.getByLabel("Owed, " + last(2)).fill("some");
        button(landlord, "Send the answer").click();
        assertThat(landlord.getByRole(AriaRole.ALERT)).isVisible();
        landlord.getByLabel("Owed, " + last(2)).fill("650");
        assertThat(landlord.getByText("1,350.00")).isVisible();
        assertThat(landlord.getByText("250.00")).hasCount(0);
        assertThat(Accessibility.violations(landlord)).isEmpty();
        button(landlord, "Send the answer").click();
        assertThat(landlord.getByText("You answered on")).isVisible();
    }

    @Test(dependsOnMethods = "landlordSaysMonthByMonthWhatIsOwed")
    void caseworkerSettlesTheMonthThatDiffersAndDecides() {
        desk = civitane.signedIn("joao.brattli@halvern.example");
        desk.getByLabel("Find a household or number").fill(number);
        desk.getByRole(AriaRole.LISTBOX).getByText(number).click();
        desk.getByText("Take this claim").click();
        assertThat(desk.getByText("1,460.00, paid to: landlord")).isVisible();
        assertThat(desk.getByText("The amount hangs on it: from")).isVisible();
        Locator month = desk.getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText("Rent owed, " + last(2)))
                .first();
        month.scrollIntoViewIfNeeded();
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "months");
        desk.keyboard().press("n");
        desk.keyboard().press("3");
        desk.getByLabel("Why?").fill("Their books and her bank statement say so.");
        desk.keyboard().press("Enter");
        assertThat(desk.getByText("1,350.00, paid to: landlord")).isVisible();
        desk.getByText("Decide …").click();
        assertThat(desk.getByText("The letter as it will go out")).isVisible();
        desk.getByLabel("Why do you decide all the same?").fill("The papers were seen at the counter.");
        desk.getByText("Decide and send the letter").click();
        assertThat(desk.getByText("Decided; the letter is in the applicant's claims."))
                .isVisible();
    }

    @Test(dependsOnMethods = "caseworkerSettlesTheMonthThatDiffersAndDecides")
    void theMoneyIsBookedAndTheTenantSeesIt() {
        phone.navigate("/my");
        assertThat(phone.getByText("which account we pay to")).hasCount(0);
        phone.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Payments"))
                .click();
        assertThat(phone.getByText("The money goes to the landlord, who tells us the account."))
                .isVisible();
        civitane.letTheDayOfPaymentCome(number);
        desk.navigate(desk.url().replace("/decide", ""));
        desk.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("What follows"))
                .click();
        assertThat(desk.getByText("It goes to the account of Selje Row ending in 5555."))
                .isVisible();
        civitane.awaitPayments(number, 2);
        phone.reload();
        assertThat(phone.getByText("✓ paid")).hasCount(2);
        assertThat(Accessibility.violations(phone)).isEmpty();
        assertThat(Accessibility.violations(desk)).isEmpty();
    }

    private void fillHardshipAndHome() {
        tenant.heading("What happened?");
        phone.getByLabel("What happened?").selectOption("OTHER");
        assertThat(phone.getByLabel("In your own words")).isVisible();
        phone.getByLabel("What happened?").selectOption("FEWER_HOURS");
        assertThat(phone.getByLabel("In your own words")).hasCount(0);
        phone.getByLabel("Since when?")
                .fill("1." + YearMonth.now().minusMonths(4).getMonthValue() + "."
                        + YearMonth.now().minusMonths(4).getYear());
        tenant.checkedBy("hardship");
        goOn();
        tenant.heading("Your home");
        phone.getByLabel("Post code").fill("2104");
        phone.getByLabel("Bedrooms").fill("1");
        phone.getByLabel("Rent a month").fill("700");
        tenant.checkedBy("home");
        goOn();
    }

    private void fillLease() {
        tenant.heading("Who is named in the lease?");
        phone.getByLabel("Name 1").fill("Nanna Feirão");
        phone.getByLabel("Name 2").fill("Aksel Feirão");
        phone.getByLabel("Is named in the lease").first().check();
        phone.getByLabel("Is named in the lease").last().check();
        tenant.checkedBy("lease");
        goOn();
    }

    private void fillMonths() {
        tenant.heading("Which months do you owe?");
        phone.getByLabel("Owed, " + last(1)).fill("700");
        phone.getByLabel("Owed, " + last(2)).fill("lots");
        goOn();
        assertThat(phone.getByText("One thing is still to be put right here")).isVisible();
        phone.getByText("Rent owed, " + last(2)).click();
        assertThat(phone.getByLabel("Owed, " + last(2))).isFocused();
        phone.getByLabel("Owed, " + last(2)).fill("760,00");
        phone.getByLabel("Helped with already, " + last(3)).check();
        assertThat(phone.getByText("still to be put right here")).hasCount(0);
        assertThat(phone.getByText("1,460.00").first()).isVisible();
        tenant.checkedBy("months");
        assertThat((Integer) phone.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
        Civitane.picture(phone, "months-phone");
        goOn();
    }

    private void goOn() {
        tenant.button("Save and go on");
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** The month so many before this one, as it is written. */
    private static String last(int back) {
        return YearMonth.now().minusMonths(back).format(MONTH);
    }
}
