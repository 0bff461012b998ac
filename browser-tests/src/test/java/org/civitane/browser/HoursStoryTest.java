package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A worker on leave now and then tells the hours of a week from a phone; what was paid too much is claimed back, and settled. */
public class HoursStoryTest {
    private static final String WORKER = "runar.valadares@post.example";

    private Civitane civitane;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
    }

    @Test
    void workerTellsTheHoursOfAWeek() {
        Page phone = civitane.signedIn(WORKER, 390, 844);
        phone.navigate("/my");
        phone.getByText("Tell us the hours").click();
        Locator week = phone.locator("main section.sheet").first();
        Locator wednesday = week.getByLabel(Pattern.compile("^Hours away on Wed "));
        assertThat(wednesday).hasValue("8");
        assertThat(Accessibility.violations(phone)).isEmpty();
        wednesday.fill("9");
        week.getByText("These were my hours").click();
        assertThat(week.getByRole(AriaRole.ALERT)).containsText("you work 8 hours");
        assertThat(Accessibility.violations(phone)).isEmpty();
        wednesday.fill("4");
        week.getByText("These were my hours").click();
        assertThat(phone.getByText("Told: 4 hours away.")).hasCount(2);
        Civitane.picture(phone, "hours-phone");
        int width = (Integer) phone.evaluate("document.documentElement.scrollWidth");
        assertThat(width).isLessThanOrEqualTo(390);
    }

    @Test(dependsOnMethods = "workerTellsTheHoursOfAWeek")
    void caseworkerLooksAtWhatNobodyCertifiedAndClaimsBackWhatWasTooMuch() {
        Page desk = civitane.signedIn("asa.mikkel@halvern.example");
        desk.navigate("/day-sheet");
        assertThat(desk.getByText("13.5 h told, 8 h a week certified")).isVisible();
        desk.getByText("I looked at it").click();
        desk.getByLabel("What do you make of it?").fill("The practice was called.");
        desk.getByText("I looked at it").click();
        assertThat(desk.getByText("13.5 h told, 8 h a week certified")).hasCount(0);
        desk.getByLabel("Find a household or number").fill("Valadares");
        desk.getByRole(AriaRole.LISTBOX).getByText("PL-26").click();
        desk.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("What follows"))
                .click();
        Locator tooMuch = desk.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Paid too much"));
        assertThat(tooMuch.getByText("Claim it back")).hasCount(2);
        tooMuch.getByText("Claim it back").first().click();
        assertThat(tooMuch.getByText("Say why")).isVisible();
        tooMuch.getByLabel("Why?").first().fill("Four hours were told once eight were paid.");
        tooMuch.getByText("Claim it back").first().click();
        assertThat(tooMuch.getByText("Four hours were told once eight were paid."))
                .isVisible();
        assertThat(tooMuch.getByText("Claim it back")).hasCount(1);
        assertThat(Accessibility.violations(desk)).isEmpty();
        Civitane.picture(desk, "desk-paid-too-much");
    }

    @Test(dependsOnMethods = "caseworkerLooksAtWhatNobodyCertifiedAndClaimsBackWhatWasTooMuch")
    void workerSeesTheDebtAndAgreesToSettleItAtOnce() {
        Page phone = civitane.signedIn(WORKER, 390, 844);
        phone.navigate("/my");
        phone.getByText("Payments").click();
        assertThat(phone.getByText(Pattern.compile("still owed: €49\\.7"))).isVisible();
        phone.getByLabel("How much of each further week").selectOption("100");
        phone.getByText("Keep back this much").click();
        assertThat(phone.getByText("Keep back this much")).isDisabled();
        assertThat(Accessibility.violations(phone)).isEmpty();
        Civitane.picture(phone, "paid-too-much-phone");
    }

    @Test
    void daysArePaintedWithAFinger() {
        Page phone = civitane.touched("maren.ostergren@post.example");
        phone.navigate("/my");
        phone.getByText("The days you are away").tap();
        Locator days =
                phone.getByRole(AriaRole.GRIDCELL).getByRole(AriaRole.BUTTON).locator("visible=true");
        days.filter(new Locator.FilterOptions().setHasText(Pattern.compile("^8")))
                .first()
                .tap();
        days.filter(new Locator.FilterOptions().setHasText(Pattern.compile("^17")))
                .first()
                .tap();
        assertThat(phone.getByLabel("First day", new Page.GetByLabelOptions().setExact(true)))
                .hasValue(Pattern.compile("^8 "));
        assertThat(phone.getByLabel("Last day")).hasValue(Pattern.compile("^17 "));
        assertThat(phone.getByText("As they are now")).isVisible();
    }
}
