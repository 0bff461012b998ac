package org.civitane.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** With text twice as large no page runs over the edge of a phone, on either side; a wide table scrolls by itself. */
public class LargeTextTest {
    private static final String WIDER = """
            () => {
                const page = document.documentElement;
                if (page.scrollWidth <= page.clientWidth + 1) return '';
                const over = [...document.querySelectorAll('body *')].filter(each =>
                    each.getBoundingClientRect().right > page.clientWidth + 1 && !each.closest('.overflow-x-auto'));
                return over.slice(-3).map(each => each.outerHTML.slice(0, 90)).join(' | ');
            }""";

    private Civitane civitane;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
    }

    @Test
    public void whatAnyoneReads() {
        assertNoneIsWider(civitane.visitor(390, 844), Addresses.ofAnyone());
    }

    @Test
    public void whatApplicantsReadOfTheirClaims() {
        for (String applicant : Addresses.APPLICANTS) {
            Page page = civitane.signedIn(applicant);
            assertNoneIsWider(page, Addresses.ofApplicant(page));
        }
    }

    @Test
    public void whatStaffRead() {
        Page page = civitane.signedIn("asa.mikkel@halvern.example");
        assertNoneIsWider(page, Addresses.ofStaff(page));
    }

    private void assertNoneIsWider(Page signedIn, List<String> addresses) {
        Page large = civitane.withLargeText(signedIn);
        List<String> wider = new ArrayList<>();
        for (String address : addresses) {
            large.navigate(address);
            large.waitForLoadState(LoadState.NETWORKIDLE);
            assertThat(large.evaluate("getComputedStyle(document.documentElement).fontSize"))
                    .isEqualTo("32px");
            String over = (String) large.evaluate(WIDER);
            if (!over.isEmpty()) {
                wider.add(address + ": " + over);
            }
        }
        large.context().browser().close();
        assertThat(wider).isEmpty();
    }
}
