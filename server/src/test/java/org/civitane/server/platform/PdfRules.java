package org.civitane.server.platform;

import java.io.ByteArrayInputStream;
import java.util.List;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;
import org.verapdf.pdfa.results.ValidationResult;

/** Whether a PDF keeps to a standard, as veraPDF reads it. */
public final class PdfRules {
    static {
        VeraGreenfieldFoundryProvider.initialise();
    }

    private PdfRules() {}

    /** The rules of PDF/UA-1 that a file breaks, each by its clause and words. */
    public static List<String> brokenOfAccessibility(byte[] pdf) throws Exception {
        return broken(pdf, PDFAFlavour.PDFUA_1);
    }

    /** The rules of PDF/A-2u that a file breaks, each by its clause and words. */
    public static List<String> brokenOfArchiving(byte[] pdf) throws Exception {
        return broken(pdf, PDFAFlavour.PDFA_2_U);
    }

    private static List<String> broken(byte[] pdf, PDFAFlavour standard) throws Exception {
        try (PDFAParser parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), standard)) {
            ValidationResult result =
                    Foundries.defaultInstance().createValidator(standard, false).validate(parser);
            return result.getTestAssertions().stream()
                    .filter(assertion -> assertion.getStatus() == TestAssertion.Status.FAILED)
                    .map(assertion -> assertion.getRuleId().getClause() + ": " + assertion.getMessage())
                    .distinct()
                    .toList();
        }
    }
}
