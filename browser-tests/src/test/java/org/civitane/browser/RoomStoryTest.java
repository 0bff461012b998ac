package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.util.List;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** That there is room: for fingers, for larger and longer text, for text that runs the other way, on any screen. */
public class RoomStoryTest {
    private static final String CASEWORKER = "asa.mikkel@halvern.example";

    private static final List<String> PUBLIC =
            List.of("/", "/programmes/food-assistance", "/my", "/rulebook", "/letter", "/nowhere");

    private Civitane civitane;

    @BeforeClass
    void start() throws IOException {
        civitane = Civitane.start();
    }

    @DataProvider
    Object[][] ways() {
        return new Object[][] {
            {320, "() => {}"},
            {390, "() => { document.documentElement.style.fontSize = '200%' }"},
            {390, "() => { document.documentElement.dir = 'rtl' }"},
            {390, LONGER},
        };
    }

    /** Every text two fifths longer, as other languages are. */
    private static final String LONGER = """
            () => {
                const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
                for (let text = texts.nextNode(); text; text = texts.nextNode())
                    text.data = text.data.replace(/\\p{L}{3,}/gu, word => word + word.slice(0, Math.ceil(word.length * 0.4)));
            }""";

    @Test(dataProvider = "ways")
    public void nothingScrollsSideways(int width, String how) {
        Page page = civitane.signedIn("runa.ostby@post.example", width, 844);
        for (String address : PUBLIC) {
            assertNothingIsCut(page, address, how, width);
        }
    }

    @DataProvider
    Object[][] otherLanguages() {
        return new Object[][] {{"() => { document.documentElement.dir = 'rtl' }"}, {LONGER}};
    }

    @Test(dataProvider = "otherLanguages")
    public void theDeskHasRoomForOtherLanguages(String how) {
        Page page = civitane.signedIn(CASEWORKER);
        Civitane.open(page, "SM", 2);
        page.getByText("The outcome as it stands").waitFor();
        String desk = page.url();
        for (String address : List.of("/day-sheet", desk, desk + "?tab=income", desk + "/decide", "/identities")) {
            assertNothingIsCut(page, address, how, 1280);
        }
    }

    @Test
    public void theSheetWorksOnAPhone() {
        Page sheet = civitane.signedIn(CASEWORKER, 390, 844);
        assertThat(sheet.locator("[data-row]").first()).isVisible();
        assertThat((Integer) sheet.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
        assertThat(Accessibility.violations(sheet)).isEmpty();
    }

    /** What can be pressed and is smaller than it should be; a link within a sentence is as high as the sentence. */
    private static final String TOO_SMALL = """
            least => [...document.querySelectorAll('a[href], button, input, select, textarea, summary')]
                .filter(each => each.checkVisibility({ visibilityProperty: true }) && !each.disabled)
                .filter(each => !each.closest('p, .sr-only') && !each.matches('.sr-only'))
                .filter(each => {
                    const target = each.matches('[type=checkbox], [type=radio]') ? each.closest('label') ?? each : each;
                    const { width, height } = target.getBoundingClientRect();
                    return height > 0 && (height < least - 0.5 || width < Math.min(least, 24) - 0.5);
                })
                .map(each => (each.innerText || each.getAttribute('aria-label') || each.outerHTML).slice(0, 60))""";

    @Test
    public void whatCanBePressedIsLargeEnoughForAFinger() {
        Page page = civitane.signedIn("runa.ostby@post.example", 390, 844);
        for (String address : PUBLIC) {
            page.navigate(address);
            assertThat(page.locator("main h1")).isVisible();
            assertThat((List<?>) page.evaluate(TOO_SMALL, 44)).as(address).isEmpty();
        }
        Page desk = civitane.signedIn(CASEWORKER);
        Civitane.open(desk, "SM", 2);
        desk.getByText("The outcome as it stands").waitFor();
        assertThat((List<?>) desk.evaluate(TOO_SMALL, 24)).isEmpty();
    }

    private static void assertNothingIsCut(Page page, String address, String how, int width) {
        page.navigate(address);
        assertThat(page.locator("main h1")).isVisible();
        page.evaluate(how);
        assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                .as(address)
                .isLessThanOrEqualTo(width);
    }
}
