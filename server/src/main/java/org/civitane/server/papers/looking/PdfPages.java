package org.civitane.server.papers.looking;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.civitane.server.papers.reading.Line;

/** The pages of a PDF, as pictures: nothing in it ever runs. */
record PdfPages(Path file) implements Pages {
    private static final int USUAL_WIDTH = 1_600;
    private static final float DOTS_PER_INCH = 120;

    @Override
    public int count() throws IOException, CannotLook {
        try (PDDocument document = document()) {
            if (Swollen.is(document)) {
                throw new CannotLook(Fault.TOO_LARGE);
            }
            if (document.getNumberOfPages() == 0) {
                throw new CannotLook(Fault.DAMAGED);
            }
            return document.getNumberOfPages();
        }
    }

    @Override
    public BufferedImage page(int page, int widest) throws IOException, CannotLook {
        try (PDDocument document = document()) {
            if (page < 1 || page > document.getNumberOfPages()) {
                throw new CannotLook(Fault.NO_PAGE);
            }
            float width = document.getPage(page - 1).getCropBox().getWidth();
            float height = document.getPage(page - 1).getCropBox().getHeight();
            float fitting = widest / Math.max(1, Math.max(width, height));
            float usual = Math.max(widest, USUAL_WIDTH) / (float) USUAL_WIDTH * DOTS_PER_INCH / 72;
            PDFRenderer renderer = new PDFRenderer(document);
            renderer.setSubsamplingAllowed(true);
            return renderer.renderImage(page - 1, Math.min(usual, fitting), ImageType.RGB);
        }
    }

    @Override
    public List<Line> lines(int mostPages) throws IOException, CannotLook {
        try (PDDocument document = document()) {
            return PdfLines.of(document, mostPages);
        }
    }

    /** In memory alone: what is on a disk when the process is ended stays there. */
    private PDDocument document() throws IOException, CannotLook {
        try {
            return Loader.loadPDF(file.toFile(), IOUtils.createMemoryOnlyStreamCache());
        } catch (InvalidPasswordException e) {
            throw new CannotLook(Fault.ENCRYPTED);
        }
    }
}
