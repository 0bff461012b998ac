package org.civitane.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/**
 * Whatever is pressed is large enough for the hand that presses it: 44 px high for fingers on the public side, 24 px each
 * way for the pointer at a desk. A link within a sentence is as high as its line.
 */
public class TargetsTest {
    private static final int FINGER = 44;
    private static final int POINTER = 24;

    /** What is smaller, by what it says; a box to tick counts with its label, and what is not seen is not pressed. */
    private static final String SMALLER = """
            least => {
                const pressed = 'a[href], button, input, select, textarea, summary, [role=button], [role=tab], [role=option]';
                const inSentence = each => {
                    const around = each.parentElement.closest('p, li, dd, td, label');
                    return getComputedStyle(each).display === 'inline' && around
                        && around.textContent.trim() !== each.textContent.trim();
                };
                const rect = each => {
                    const label = each.labels?.[0];
                    const own = each.getBoundingClientRect();
                    const ticked = /^(checkbox|radio|file)$/.test(each.type ?? '') && label;
                    return ticked ? label.getBoundingClientRect() : own;
                };
                return [...document.querySelectorAll(pressed)]
                    .filter(each => each.checkVisibility({ visibilityProperty: true, opacityProperty: true }))
                    .filter(each => !each.closest('.sr-only') && !each.matches(':disabled') && !inSentence(each))
                    .filter(each => rect(each).height > 1 && rect(each).width > 1)
                    .filter(each => rect(each).height < least - 0.5 || rect(each).width < 24 - 0.5)
                    .map(each => each.tagName + ' ' + (each.ariaLabel ?? each.textContent.trim() ?? '').slice(0, 30)
                        + ' ' + Math.round(rect(each).width) + ' x ' + Math.round(rect(each).height));
            }""";

    private Civitane civitane;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
    }

    @Test
    public void whatAnyonePresses() {
        assertNoneIsSmaller(civitane.visitor(390, 844), Addresses.ofAnyone(), FINGER);
    }

    @Test
    public void whatApplicantsPress() {
        for (String applicant : Addresses.APPLICANTS) {
            Page page = civitane.signedIn(applicant, 390, 844);
            assertNoneIsSmaller(page, Addresses.ofApplicant(page), FINGER);
        }
    }

    @Test
    public void whatStaffPress() {
        Page page = civitane.signedIn("asa.mikkel@halvern.example");
        assertNoneIsSmaller(page, Addresses.ofStaff(page), POINTER);
    }

    @SuppressWarnings("unchecked")
    private static void assertNoneIsSmaller(Page page, List<String> addresses, int least) {
        Map<String, Set<String>> smaller = new TreeMap<>();
        for (String address : addresses) {
            page.navigate(address);
            page.waitForLoadState(LoadState.NETWORKIDLE);
            for (String each : (List<String>) page.evaluate(SMALLER, least)) {
                smaller.computeIfAbsent(each, any -> new TreeSet<>()).add(address);
            }
        }
        assertThat(smaller).isEmpty();
    }
}
