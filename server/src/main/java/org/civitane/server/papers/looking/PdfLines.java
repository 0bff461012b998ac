package org.civitane.server.papers.looking;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.civitane.server.papers.ShownValue;
import org.civitane.server.papers.reading.Line;

/** The lines of text that a PDF carries as text, with their places. */
final class PdfLines extends PDFTextStripper {
    private final List<Line> lines = new ArrayList<>();
    private final StringBuilder words = new StringBuilder();
    private double left;
    private double top;
    private double right;
    private double bottom;

    private PdfLines() {
        setSortByPosition(true);
    }

    /** All lines of the first pages, from the top. */
    static List<Line> of(PDDocument document, int mostPages) throws IOException {
        PdfLines reader = new PdfLines();
        reader.setEndPage(mostPages);
        reader.getText(document);
        return List.copyOf(reader.lines);
    }

    @Override
    protected void writeString(String text, List<TextPosition> positions) {
        for (TextPosition at : positions) {
            if (words.isEmpty() && at == positions.getFirst()) {
                left = at.getXDirAdj();
                top = at.getYDirAdj() - at.getHeightDir();
                right = left;
                bottom = top;
            }
            left = Math.min(left, at.getXDirAdj());
            top = Math.min(top, at.getYDirAdj() - at.getHeightDir());
            right = Math.max(right, at.getXDirAdj() + at.getWidthDirAdj());
            bottom = Math.max(bottom, at.getYDirAdj());
        }
        words.append(text);
    }

    @Override
    protected void writeWordSeparator() {
        words.append(' ');
    }

    @Override
    protected void writeLineSeparator() {
        close();
    }

    @Override
    protected void writePageEnd() {
        close();
    }

    private void close() {
        if (!words.toString().isBlank()) {
            double width = getCurrentPage().getCropBox().getWidth();
            double height = getCurrentPage().getCropBox().getHeight();
            lines.add(new Line(
                    words.toString().strip(),
                    getCurrentPageNo(),
                    new ShownValue.Box(left / width, top / height, (right - left) / width, (bottom - top) / height)));
        }
        words.setLength(0);
    }
}
