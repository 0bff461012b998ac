package org.civitane.server;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;

/** Papers that were written on a machine, and not photographed. */
final class WrittenPdf {
    private static final float TOP = 700;
    private static final float APART = 40;

    private WrittenPdf() {}

    /** One of one page. @param lines from the top, well apart */
    static byte[] of(List<String> lines) {
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage();
            document.addPage(page);
            try (PDPageContentStream pen = new PDPageContentStream(document, page)) {
                for (int i = 0; i < lines.size(); i++) {
                    pen.beginText();
                    pen.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 12);
                    pen.newLineAtOffset(72, TOP - i * APART);
                    pen.showText(lines.get(i));
                    pen.endText();
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
