package org.civitane.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** That what is sent as PDF can be listened to: in which language it is, what it is called, and what is a heading. */
public class PdfTest {
    private static final String PAGE = """
            <html lang="en"><head><title>Our decision SM-26-00001</title>
            <style>body { font-family: Atkinson }</style></head><body>
            <h1>Our decision</h1><p>Meals are free.</p>
            <h2>How we worked it out</h2><ol><li>Five people count.</li></ol>
            <table><tr><th>To</th><td>Runa Ostby</td></tr></table></body></html>""";

    @Test
    public void aLetterIsTaggedAndSaysItsLanguageAndTitle() throws IOException {
        try (PDDocument letter = Loader.loadPDF(new Pdf().set(PAGE))) {
            assertThat(letter.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(letter.getDocumentCatalog().getLanguage()).isEqualTo("en");
            assertThat(letter.getDocumentInformation().getTitle()).isEqualTo("Our decision SM-26-00001");
            assertThat(letter.getDocumentCatalog().getViewerPreferences().displayDocTitle())
                    .isTrue();
            assertThat(tags(letter.getDocumentCatalog().getStructureTreeRoot()))
                    .containsSubsequence("H1", "P", "H2", "L", "LI", "Table", "TR", "TH", "TD");
        }
    }

    @Test
    public void aLetterKeepsToTheRulesOfAccessibility() throws Exception {
        assertThat(PdfRules.brokenOfAccessibility(new Pdf().set(PAGE))).isEmpty();
    }

    @Test
    public void whatIsKeptForGoodKeepsToTheRulesOfArchiving() throws Exception {
        assertThat(PdfRules.brokenOfArchiving(new Pdf().archived(PAGE))).isEmpty();
        assertThat(PdfRules.brokenOfAccessibility(new Pdf().archived(PAGE))).isEmpty();
        assertThat(PdfRules.brokenOfArchiving(new Pdf().set(PAGE))).isNotEmpty();
    }

    @DataProvider
    Object[][] templates() {
        return new Object[][] {
            {"answer-form"}, {"decision"}, {"identity-letter"}, {"identity-receipt"}, {"letter-to-other"}
        };
    }

    @Test(dataProvider = "templates")
    public void everyTemplateHasALanguageATitleAndOneFirstHeading(String template) throws IOException {
        try (InputStream page = Pdf.class.getResourceAsStream("/letters/" + template + ".html")) {
            String html = new String(page.readAllBytes(), StandardCharsets.UTF_8);
            assertThat(html).contains("<html lang=\"en\"", "<title").containsOnlyOnce("<h1");
        }
    }

    private static List<String> tags(PDStructureNode of) {
        List<String> tags = new ArrayList<>();
        for (Object kid : of.getKids()) {
            if (kid instanceof PDStructureElement element) {
                tags.add(element.getStructureType());
                tags.addAll(tags(element));
            }
        }
        return tags;
    }
}
