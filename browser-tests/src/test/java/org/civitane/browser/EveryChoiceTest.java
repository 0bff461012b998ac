package org.civitane.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.civitane.core.programme.Catalogue;
import org.civitane.core.programme.Programme;
import org.civitane.core.question.Chapter;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every choice of every form is made, with a line more of whatever can be added: no page breaks or runs over sideways. */
public class EveryChoiceTest {
    /** Makes one choice after the other until none is left, those among them that only another choice shows. */
    private static final String MAKE_EVERY_CHOICE = """
            async () => {
                const made = new Set(), wrong = [];
                const drawn = () => new Promise(goOn => requestAnimationFrame(() => requestAnimationFrame(goOn)));
                const words = each => [each.closest('fieldset')?.querySelector('legend'), each.labels?.[0] ?? each]
                    .map(part => part?.textContent ?? '').join(': ').slice(0, 90);
                const choose = (select, value) => {
                    Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, 'value').set.call(select, value);
                    select.dispatchEvent(new Event('change', { bubbles: true }));
                };
                const choices = function* () {
                    for (const each of document.querySelectorAll('main form input:is([type=radio], [type=checkbox])'))
                        yield [words(each), () => each.click()];
                    for (const each of document.querySelectorAll('main form button[type=button]'))
                        if (each.textContent.startsWith('Add ')) yield [words(each), () => each.click()];
                    for (const each of [...document.querySelectorAll('main form td button')].slice(0, 3))
                        yield ['a day: ' + words(each), () => each.click()];
                    for (const each of document.querySelectorAll('main form select'))
                        for (const { value, text } of each.options)
                            yield [words(each).slice(0, 40) + ': ' + text, () => choose(each, value)];
                };
                const next = () => [...choices()].find(([name]) => !made.has(name));
                for (let choice = next(); choice && made.size < 600; choice = next()) {
                    made.add(choice[0]);
                    choice[1]();
                    await drawn();
                    const page = document.documentElement;
                    if (document.querySelector('main h1')?.textContent === 'This page broke')
                        return [...wrong, choice[0] + ' breaks the page'];
                    if (page.scrollWidth > page.clientWidth)
                        wrong.push(choice[0] + ' makes it run over by ' + (page.scrollWidth - page.clientWidth));
                }
                return [made.size, ...wrong];
            }""";

    private Civitane civitane;

    @BeforeClass
    void start() throws Exception {
        civitane = Civitane.start();
    }

    @DataProvider
    Object[][] screens() {
        return new Object[][] {{390, 844}, {1280, 800}};
    }

    @Test(dataProvider = "screens")
    @SuppressWarnings("unchecked")
    public void everyChoiceOpensWhatItOpens(int width, int height) {
        Page page = civitane.visitor(width, height);
        List<String> wrong = new ArrayList<>();
        page.onPageError(wrong::add);
        new Applicant(page, "Runa Solberg", "Ivo").makeAnAccount(UUID.randomUUID() + "@post.example", "school meals");
        int made = 0;
        for (Programme<?> programme : Catalogue.programmes()) {
            List<String> chapters = programme.form().stream()
                    .flatMap(form -> Stream.concat(form.chapters().stream().map(Chapter::id), Stream.of("contact")))
                    .toList();
            for (String chapter : chapters) {
                page.navigate("/apply/" + programme.id() + "/" + chapter);
                assertThat(page.locator("main form h1")).isVisible();
                List<Object> told = (List<Object>) page.evaluate(MAKE_EVERY_CHOICE);
                made += told.getFirst() instanceof Integer count ? count : 0;
                told.stream()
                        .filter(String.class::isInstance)
                        .map(each -> programme.id() + ", " + chapter + ": " + each)
                        .forEach(wrong::add);
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(made).as("choices that were made").isGreaterThan(100);
        page.context().close();
    }
}
