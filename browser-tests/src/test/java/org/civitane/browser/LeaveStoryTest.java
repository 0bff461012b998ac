package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A worker takes leave, from a phone; a caseworker decides it, and both see what is paid for which week. */
public class LeaveStoryTest {
    private static final LocalDate START = LocalDate.now().with(TemporalAdjusters.next(DayOfWeek.MONDAY));

    private Civitane civitane;
    private Page phone;
    private Applicant worker;
    private String number;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
        civitane.reportWages("Mira Solheim", LocalDate.of(1990, 4, 2), "2000.00");
    }

    @Test
    void theCheckSaysWhatBeingLateCosts() {
        Page page = civitane.visitor(1280, 800);
        page.navigate("/programmes/paid-leave");
        page.getByLabel("About how much").fill("2000");
        page.getByLabel("How many hours a week").fill("40");
        page.getByLabel("For how many weeks").fill("3");
        page.getByLabel("How many weeks of paid leave").fill("0");
        page.getByLabel("No").check();
        page.getByText("Tell me").click();
        assertThat(page.getByText("Yes: it looks like paid leave for all of this time."))
                .isVisible();
        assertThat(page.getByText("That is €415.00 a week.")).isVisible();
        assertThat(page.getByText("3.00 weeks, €1,162.00 in all.")).isVisible();
        assertThat(Accessibility.violations(page)).isEmpty();
        Civitane.picture(page, "check-leave");
    }

    @Test
    void workerAppliesFromAPhone() {
        phone = civitane.visitor(390, 844);
        worker = new Applicant(phone, "Mira Solheim", "nobody");
        worker.makeAnAccount("mira.solheim@post.example", "paid leave");
        phone.getByLabel("Date of birth").fill("2 April 1990");
        worker.button("Save and go on");
        phone.getByLabel("My own health").check();
        Civitane.picture(phone, "leave-reason-phone");
        phone.getByLabel("Name of the practice").fill("Tarn Practice");
        worker.button("Save and go on");
        phone.getByLabel("Name of the company").fill("Skerry Ferries");
        for (String day : List.of("Monday", "Tuesday", "Wednesday", "Thursday")) {
            phone.getByLabel(day).fill("8");
        }
        phone.getByLabel("Friday").fill("8,0");
        phone.getByLabel("I have told my employer").check();
        phone.getByLabel("On which day?").fill(inWords(LocalDate.now().minusDays(60)));
        worker.checkedBy("work");
        Civitane.picture(phone, "leave-work-phone");
        worker.button("Save and go on");
        phone.getByLabel("All of the time").check();
        Civitane.picture(phone, "leave-pattern-phone");
        paintTwoWeeks();
        assertThat(phone.getByLabel("First day", new Page.GetByLabelOptions().setExact(true)))
                .hasValue(inWords(START));
        assertThat(phone.getByLabel("Last day")).hasValue(inWords(START.plusDays(13)));
        assertThat(phone.getByText("2.00 weeks, 12.00 left after it")).isVisible();
        phone.getByLabel("About how much do you earn").fill("2000");
        worker.estimateSays("About €830.00 for 2.00 weeks, if a caseworker finds it so.");
        assertThat(phone.getByText(Pattern.compile("^due "))).hasCount(2);
        worker.checkedBy("leave");
        Civitane.picture(phone, "leave-phone");
        phone.setViewportSize(1280, 800);
        Civitane.picture(phone, "leave");
        phone.setViewportSize(390, 844);
        worker.button("Save and go on");
        worker.heading("What else do you get for this time?");
        worker.button("Save and go on");
        worker.fillContact();
        worker.handIn();
        number = worker.number();
    }

    @Test(dependsOnMethods = "workerAppliesFromAPhone")
    void theEmployerAnswersByALinkAndContradicts() {
        phone.navigate("/my");
        phone.getByText("Tell us how to reach them").click();
        worker.reach("Skerry Ferries", "crew.office@skerry.example", "");
        Civitane.picture(phone, "leave-others-phone");
        Page office = civitane.visitor(390, 844);
        office.navigate(civitane.linkTo("crew.office@skerry.example"));
        assertThat(office.getByText("Leave of someone who works for you")).isVisible();
        assertThat(office.getByText("health")).hasCount(0);
        assertThat(office.getByText("Tarn Practice")).hasCount(0);
        office.getByLabel("What is their job with you?").fill("Deckhand");
        for (String day : List.of("Monday", "Tuesday", "Wednesday", "Thursday")) {
            office.getByLabel(day).fill("8");
        }
        office.getByLabel("Friday").fill("4,5");
        office.getByLabel("On which day were you told")
                .fill(inWords(LocalDate.now().minusDays(60)));
        assertThat(Accessibility.violations(office)).isEmpty();
        Civitane.picture(office, "employer-phone");
        office.getByText("Send the answer").click();
        assertThat(office.getByText("You answered on")).isVisible();
    }

    @Test(dependsOnMethods = "theEmployerAnswersByALinkAndContradicts")
    void theWorkerSaysTheDaysAnew() {
        phone.navigate("/my");
        phone.getByText("The days you are away").click();
        assertThat(phone.getByText("2.00 weeks, 12.00 left after it")).hasCount(0);
        phone.getByLabel("Last day").fill(inWords(START.plusDays(20)));
        assertThat(phone.getByText("2.00 weeks, 12.00 left after it")).isVisible();
        assertThat(phone.getByText("3.00 weeks, 11.00 left after it")).isVisible();
        assertThat(phone.getByText("€")).hasCount(0);
        assertThat(Accessibility.violations(phone)).isEmpty();
        Civitane.picture(phone, "days-phone");
        worker.button("Say these days");
        assertThat(phone.getByText("Saved. We decide on these days.")).isVisible();
    }

    @Test(dependsOnMethods = "theWorkerSaysTheDaysAnew")
    void caseworkerSeesTheWagesOfTheRegisterAndDecides() {
        Page desk = civitane.signedIn("asa.mikkel@halvern.example");
        desk.getByLabel("Find a household or number").fill("Solheim");
        desk.getByRole(AriaRole.LISTBOX).getByText(number).click();
        desk.getByText("Take this claim").click();
        assertThat(desk.getByRole(AriaRole.ROW)
                        .filter(new Locator.FilterOptions().setHasText("Friday"))
                        .getByText("4.5"))
                .isVisible();
        assertThat(desk.getByText("Paid leave").first()).isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "desk-leave");
        desk.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Calendar"))
                .click();
        assertThat(desk.getByText("It comes to €1,245.00.")).isVisible();
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "desk-calendar");
        for (String paper : List.of("An identity document of Mira Solheim", "A certification by whoever gives care")) {
            desk.getByLabel("Do without it: " + paper).click();
            desk.getByLabel("Why?").fill("Seen at the counter.");
            desk.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Do without").setExact(true))
                    .click();
            assertThat(desk.getByLabel("Do without it: " + paper)).hasCount(0);
        }
        desk.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Facts"))
                .click();
        desk.getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText("Friday"))
                .click();
        desk.keyboard().press("1");
        desk.getByLabel("Why?").fill("The contract says eight hours on Fridays.");
        desk.keyboard().press("Enter");
        assertThat(desk.getByText("could change the amount")).hasCount(0);
        desk.getByText("Decide …").click();
        assertThat(desk.getByText("You get paid leave: 3.00 weeks, €1,245.00 in all."))
                .isVisible();
        Civitane.picture(desk, "decide-leave");
        desk.getByText("Decide and send the letter").click();
        assertThat(desk.getByText("Decided; the letter is in the applicant's claims."))
                .isVisible();
    }

    @Test(dependsOnMethods = "caseworkerSeesTheWagesOfTheRegisterAndDecides")
    void workerSeesWhatIsPaidForWhichWeek() {
        phone.navigate("/my");
        phone.getByText("Tell us the account").click();
        assertThat(phone.getByText("The week from " + inWords(START))).isVisible();
        assertThat(Accessibility.violations(phone)).isEmpty();
        Civitane.picture(phone, "leave-payments-phone");
        int width = (Integer) phone.evaluate("document.documentElement.scrollWidth");
        assertThat(width).isLessThanOrEqualTo(390);
    }

    /** The first day by a press, the last by keys: one week and six days on. */
    private void paintTwoWeeks() {
        phone.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("\\b" + inWords(START))))
                .and(phone.locator(":visible"))
                .click();
        phone.keyboard().press("ArrowDown");
        for (int day = 0; day < 6; day++) {
            phone.keyboard().press("ArrowRight");
        }
        phone.keyboard().press("Enter");
    }

    private static String inWords(LocalDate day) {
        return DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH).format(day);
    }
}
