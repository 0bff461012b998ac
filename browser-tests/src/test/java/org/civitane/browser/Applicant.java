package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

/** Someone who applies, step by step as a person does it. */
final class Applicant {
    private final Page page;
    private final String name;
    private final String child;

    Applicant(Page page, String name, String child) {
        this.page = page;
        this.name = name;
        this.child = child;
    }

    /** @param programme as its name is written, such as {@code school meals} */
    void makeAnAccount(String email, String programme) {
        page.navigate("/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("See what it takes: " + programme))
                .click();
        page.getByText("Apply for " + programme).click();
        page.getByText("No account yet? Make one").click();
        page.getByLabel("Your full name").fill(name);
        page.getByLabel("E-mail address").fill(email);
        page.getByLabel("Password").fill(Civitane.PASSWORD);
        button("Send me the code");
        page.getByLabel("Code").fill(Civitane.codeSent(page));
        button("Make an account");
        page.waitForURL(url -> !url.endsWith("/sign-up"));
        Civitane.made(email);
    }

    /**
     * Says in "Who else is asked" how someone is reached, and their link goes out.
     *
     * @param personNumber empty for someone who is asked for none
     */
    void reach(String whom, String email, String personNumber) {
        Locator asked = page.getByRole(AriaRole.ARTICLE).filter(new Locator.FilterOptions().setHasText(whom));
        asked.getByLabel("E-mail").fill(email);
        if (!personNumber.isEmpty()) {
            asked.getByLabel("Person number").fill(personNumber);
        }
        asked.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Send the link").setExact(true))
                .click();
        assertThat(asked.getByText("The link is on its way.")).isVisible();
    }

    void fillPeople() {
        heading("Who lives with you?");
        page.getByLabel("Date of birth").fill("2.4.1990");
        button("Add a person");
        Locator second = page.locator("fieldset").nth(1);
        second.getByLabel("Given name").fill(child);
        second.getByLabel("Date of birth").fill("30 May 2016");
        second.getByLabel("Who are they to you?").selectOption("CHILD");
        checkedBy("people");
        button("Save and go on");
    }

    /** Another grown-up in place of the child. */
    void fillPartner(String born) {
        heading("Who lives with you?");
        page.getByLabel("Date of birth").fill("2.4.1990");
        button("Add a person");
        Locator second = page.locator("fieldset").nth(1);
        second.getByLabel("Given name").fill(child);
        second.getByLabel("Date of birth").fill(born);
        second.getByLabel("Who are they to you?").selectOption("PARTNER");
        button("Save and go on");
    }

    void fillPupils() {
        heading("Who goes to school?");
        page.getByLabel("Goes to school").check();
        page.getByLabel("School", new Page.GetByLabelOptions().setExact(true)).fill("Skerry Lane School");
        page.getByLabel("School year").fill("4");
        button("Save and go on");
        heading("Does anyone get food or cash assistance?");
        button("Save and go on");
    }

    void fillIncome(String amount) {
        heading("What do you live on?");
        page.getByText("Add an amount").first().click();
        page.getByLabel("What is it?").selectOption("WAGES");
        page.getByLabel("How much?").fill(amount);
        page.getByLabel("How often?").selectOption("WEEKLY");
        page.getByLabel("Who pays it?").fill("Tarn Quay Bakery");
        checkedBy("income");
        Civitane.picture(page, page.viewportSize().width < 500 ? "apply-phone" : "apply");
        button("Save and go on");
    }

    void passSharing() {
        heading("What else may we do with this?");
        button("Save and go on");
    }

    /** Writes an address as people do, and takes the spelling that is offered. */
    void fillContact() {
        heading("Where and how can we reach you?");
        page.getByLabel("Street").fill("Skery Lane");
        page.getByLabel("Number", new Page.GetByLabelOptions().setExact(true)).fill("7");
        page.getByLabel("Post code").fill("2110");
        page.getByLabel("Post code").blur();
        button("Skerry Lane 7, 2110 Skerrow");
        assertThat(page.getByLabel("Street")).hasValue("Skerry Lane");
        assertThat(page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setChecked(true)))
                .hasCount(0);
        for (String way : List.of("send e-mail", "send text messages", "send letters")) {
            page.getByLabel(way).check();
        }
        page.getByLabel("By which name should we ask for you?").fill("Ana");
        checkedBy("contact");
        Civitane.picture(page, page.viewportSize().width < 500 ? "apply-contact-phone" : "apply-contact");
        button("Read it back");
    }

    void fillMeals() {
        heading("Who eats together?");
        checkedBy("meals");
        button("Save and go on");
    }

    void fillWhatTheyOwn(String atBank) {
        heading("What do you have?");
        button("Add something you have");
        page.getByLabel("What is it?").selectOption("BANK");
        page.getByLabel("How much?").fill(atBank);
        checkedBy("owned");
        button("Save and go on");
    }

    void fillCosts(String rent) {
        heading("What do you pay for?");
        button("Add something you pay for");
        page.getByLabel("What is it?").selectOption("RENT");
        page.getByLabel("How much?").fill(rent);
        page.getByLabel("How often?").selectOption("MONTHLY");
        page.getByLabel("heating").check();
        checkedBy("costs");
        Civitane.picture(page, page.viewportSize().width < 500 ? "apply-food-phone" : "apply-food");
        button("Save and go on");
    }

    /** Unfolds what it looks like so far, which lies in a bar on a phone, and folds it again. */
    void estimateSays(String words) {
        Locator bar = page.getByText("Looks like, so far");
        bar.click();
        assertThat(page.getByText(words)).isVisible();
        bar.click();
    }

    /** Signs under the name and hands in; with a double click, as people do. */
    void handIn() {
        heading("Is everything right?");
        page.getByLabel("Your full name").fill(name);
        Locator number = page.getByLabel("Last four digits of your person number");
        if (number.count() > 0) {
            number.fill("8903");
        }
        checkedBy("read back");
        Civitane.picture(page, "read-back");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Sign and hand in").setExact(true))
                .dblclick();
        heading("We have your application");
        checkedBy("receipt");
    }

    String number() {
        return page.locator("dd").first().innerText();
    }

    Page page() {
        return page;
    }

    void heading(String text) {
        assertThat(page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName(text).setLevel(1)))
                .isVisible();
    }

    void button(String text) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(text).setExact(true))
                .click();
    }

    void checkedBy(String where) {
        assertThat(Accessibility.violations(page)).as(where).isEmpty();
    }
}
