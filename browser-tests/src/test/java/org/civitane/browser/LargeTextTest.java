package org.civitane.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
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

    private static final List<String> TABS = List.of(
            "facts", "calendar", "identity", "income", "registers", "messages", "others", "payments", "history");

    private Civitane civitane;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
    }

    @Test
    public void whatAnyoneReads() {
        assertNoneIsWider(
                civitane.visitor(390, 844),
                Stream.concat(
                                Stream.of(
                                        "/",
                                        "/sign-in",
                                        "/sign-up",
                                        "/forgotten",
                                        "/check/0000-0000-0000-0000",
                                        "/rulebook",
                                        "/letter",
                                        "/answer"),
                                Catalogue.programmes().stream()
                                        .filter(programme -> programme.form().isPresent())
                                        .map(Programme::id)
                                        .map("/programmes/"::concat))
                        .toList());
    }

    @Test
    public void whatApplicantsReadOfTheirClaims() {
        Page page = civitane.signedIn("runa.ostby@post.example");
        List<String> addresses = new ArrayList<>(List.of("/my", "/account"));
        for (String claim : ids(page, "/api/my/claims", "claims")) {
            for (String part : List.of("receipt", "letter", "fix-list", "papers", "others", "messages", "account")) {
                addresses.add("/my/" + claim + "/" + part);
            }
        }
        assertThat(addresses).hasSizeGreaterThan(9);
        assertNoneIsWider(page, addresses);
    }

    @Test
    public void whatStaffRead() {
        Page page = civitane.signedIn("asa.mikkel@halvern.example");
        List<String> addresses = new ArrayList<>(
                List.of("/day-sheet", "/day-sheet?of=office", "/identities", "/handing-over", "/outside"));
        String claim = ids(page, "/api/day-sheet", "stacks").getFirst();
        TABS.forEach(tab -> addresses.add("/claims/" + claim + "?tab=" + tab));
        for (String part : List.of("household", "identity", "decide")) {
            addresses.add("/claims/" + claim + "/" + part);
        }
        assertNoneIsWider(page, addresses);
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

    @SuppressWarnings("unchecked")
    private static List<String> ids(Page page, String address, String part) {
        return (List<String>) page.evaluate("""
                async ([address, part]) => {
                    const told = await (await fetch(address)).json();
                    const all = Array.isArray(told) ? told : told[part];
                    return all.flatMap(each => each.rows ?? [each]).map(each => each.id);
                }""", List.of(address, part));
    }
}
