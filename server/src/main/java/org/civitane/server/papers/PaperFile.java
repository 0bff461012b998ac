package org.civitane.server.papers;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.tika.Tika;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;

/**
 * A file that is to be a paper: JPEG, PNG, TIFF or PDF by what it holds, whatever its name says. It is looked at only
 * as pictures of its pages, so nothing in it ever runs.
 */
final class PaperFile {
    static final int LARGEST = 25 * 1024 * 1024;
    private static final int MOST_PAGES = 60;
    private static final long MOST_PIXELS = 100_000_000;
    private static final int WIDEST = 1_600;
    private static final float DOTS_PER_INCH = 120;
    private static final Tika TIKA = new Tika();

    private final byte[] contents;
    private final String mediaType;
    private final Texts texts;

    /** @throws Problem when the file is of no type that can be a paper */
    PaperFile(byte[] contents, Texts texts) {
        this.contents = contents;
        this.texts = texts;
        this.mediaType = contents.length == 0 ? "" : TIKA.detect(contents);
        if (contents.length == 0) {
            throw refused("paper.empty");
        }
        switch (mediaType) {
            case "image/jpeg", "image/png", "image/tiff", "application/pdf" -> {}
            default -> throw refused("paper.type");
        }
    }

    String mediaType() {
        return mediaType;
    }

    /** How many pages it has. @throws Problem when it is encrypted, damaged or too large to be looked at */
    int pages() {
        int pages = isPdf() ? pdfPages() : picturePages();
        if (pages == 0) {
            throw refused("paper.damaged");
        }
        if (pages > MOST_PAGES) {
            throw refused("paper.pages", MOST_PAGES, pages);
        }
        picture(1);
        return pages;
    }

    /** A page, from 1, as a PNG of at most {@link #WIDEST} pixels. @throws Problem when there is no such page */
    byte[] picture(int page) {
        try {
            BufferedImage image = isPdf() ? ofPdf(page) : ofPicture(page);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "png", out);
            return out.toByteArray();
        } catch (IOException | RuntimeException e) {
            throw e instanceof Problem problem ? problem : refused("paper.damaged");
        }
    }

    private boolean isPdf() {
        return mediaType.equals("application/pdf");
    }

    private int pdfPages() {
        try (PDDocument document = Loader.loadPDF(contents)) {
            return document.getNumberOfPages();
        } catch (InvalidPasswordException e) {
            throw refused("paper.encrypted");
        } catch (IOException | RuntimeException e) {
            throw refused("paper.damaged");
        }
    }

    private BufferedImage ofPdf(int page) throws IOException {
        try (PDDocument document = Loader.loadPDF(contents)) {
            if (page < 1 || page > document.getNumberOfPages()) {
                throw Problem.notFound(texts.say("paper.no-page"));
            }
            float width = document.getPage(page - 1).getCropBox().getWidth();
            float height = document.getPage(page - 1).getCropBox().getHeight();
            float fitting = WIDEST / Math.max(1, Math.max(width, height));
            return new PDFRenderer(document)
                    .renderImage(page - 1, Math.min(DOTS_PER_INCH / 72, fitting), ImageType.RGB);
        }
    }

    private int picturePages() {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(contents))) {
            return readerOf(in).getNumImages(true);
        } catch (IOException | RuntimeException e) {
            throw e instanceof Problem problem ? problem : refused("paper.damaged");
        }
    }

    /** Reads no more pixels than it shows, so that a huge picture takes no huge memory. */
    private BufferedImage ofPicture(int page) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(contents))) {
            ImageReader reader = readerOf(in);
            if (page < 1 || page > reader.getNumImages(true)) {
                throw Problem.notFound(texts.say("paper.no-page"));
            }
            long width = reader.getWidth(page - 1);
            long height = reader.getHeight(page - 1);
            if (width * height > MOST_PIXELS) {
                throw refused("paper.pixels");
            }
            ImageReadParam parameters = reader.getDefaultReadParam();
            int every = (int) Math.max(1, (Math.max(width, height) + WIDEST - 1) / WIDEST);
            parameters.setSourceSubsampling(every, every, 0, 0);
            return reader.read(page - 1, parameters);
        }
    }

    private ImageReader readerOf(ImageInputStream in) {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
        if (!readers.hasNext()) {
            throw refused("paper.damaged");
        }
        ImageReader reader = readers.next();
        reader.setInput(in);
        return reader;
    }

    private Problem refused(String sentence, Object... places) {
        return Problem.invalid("file", texts.say(sentence, places));
    }
}
