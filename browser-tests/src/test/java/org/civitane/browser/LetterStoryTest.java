package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Base64;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Someone in whose name another applied hears of it by letter, and says so without an account. */
public class LetterStoryTest {
    private static final int ASKED = 41;

    private Civitane civitane;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
    }

    @Test
    public void whoeverWasNamedBySomeoneElseSaysSoByLetter() throws Exception {
        Page asa = civitane.signedIn("asa.mikkel@halvern.example");
        Civitane.open(asa, "FA", ASKED);
        String id = asa.url().replaceAll("^.*/claims/([^/]+).*$", "$1");
        asa.navigate("/claims/" + id + "/identity");
        asa.getByText("Letter to the address on record").waitFor();
        Object pdf = asa.evaluate("""
                async id => {
                  const token = document.cookie.split('XSRF-TOKEN=')[1].split(';')[0];
                  const answer = await fetch(`/api/claims/${id}/identity/letter`, { method: 'POST', headers: { 'X-XSRF-TOKEN': token } });
                  return btoa(String.fromCharCode(...new Uint8Array(await answer.arrayBuffer())));
                }""", id);
        String letter;
        try (PDDocument document = Loader.loadPDF(Base64.getDecoder().decode((String) pdf))) {
            letter = new PDFTextStripper().getText(document);
        }
        Page victim = civitane.visitor(390, 844);
        victim.navigate("/letter");
        String claim = asa.locator("header a[href^='/claims/']").first().textContent();
        victim.getByLabel("Number", new Page.GetByLabelOptions().setExact(true)).fill(claim);
        victim.getByLabel("Code", new Page.GetByLabelOptions().setExact(true)).fill("000000");
        button(victim, "See what was filed");
        assertThat(victim.getByText("This number and code do not go together")).isVisible();
        Matcher code = Pattern.compile("(?m)^(\\d{6})\\s*$").matcher(letter);
        assertThat(code.find()).isTrue();
        victim.getByLabel("Code", new Page.GetByLabelOptions().setExact(true)).fill(code.group(1));
        button(victim, "See what was filed");
        assertThat(victim.getByText("•••@post.example")).isVisible();
        assertThat(Accessibility.violations(victim)).isEmpty();
        button(victim, "This was not me");
        assertThat(Accessibility.violations(victim)).isEmpty();
        button(victim, "I am sure: this was not me");
        assertThat(victim.getByText("M-" + claim)).isVisible();
        asa.reload();
        assertThat(asa.getByText("They say that it was not them.")).isVisible();
    }

    private static void button(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first()
                .click();
    }
}
