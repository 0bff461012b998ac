package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.AxeResults;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;

/** What stands in the way of people who use a keyboard, a screen reader, or need a page to be still. */
final class Accessibility {
    private Accessibility() {}

    /**
     * What axe has to say against the page once nothing on it is busy or moves, one line a violation; that something moves
     * on and on is one, too, and that the focus is nowhere.
     */
    static List<String> violations(Page page) {
        assertThat(page.locator(".btn-disabled")).hasCount(0);
        List<String> violations = new ArrayList<>(moving(page));
        violations.addAll(lostFocus(page));
        AxeResults results = new AxeBuilder(page)
                .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                .analyze();
        results.getViolations().stream()
                .map(rule -> rule.getId() + ": "
                        + rule.getNodes().stream()
                                .map(node -> node.getHtml())
                                .limit(3)
                                .toList())
                .forEach(violations::add);
        return violations;
    }

    /** What still moves after the five seconds that WCAG 2.2.2 allows. */
    @SuppressWarnings("unchecked")
    private static List<String> moving(Page page) {
        return (List<String>) page.evaluate("""
                async () => {
                    const all = document.getAnimations();
                    const still = new Promise(goOn => setTimeout(goOn, 5000));
                    await Promise.race([Promise.allSettled(all.map(each => each.finished)), still]);
                    return all.filter(each => each.playState === 'running')
                        .map(each => 'moves on: ' + (each.animationName ?? each.transitionProperty));
                }""");
    }

    /** Whoever uses the keyboard or listens is somewhere on the page, whatever just changed on it. */
    private static List<String> lostFocus(Page page) {
        boolean somewhere = (Boolean) page.evaluate("""
                async () => {
                    for (let i = 0; i < 40 && document.activeElement === document.body; i++)
                        await new Promise(goOn => setTimeout(goOn, 50));
                    return document.activeElement !== document.body;
                }""");
        return somewhere ? List.of() : List.of("the focus is nowhere on " + page.title());
    }
}
