package org.civitane.server.papers;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.MemoryUsageSetting;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.tika.Tika;
import org.civitane.server.papers.reading.Swollen;
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
    private static final int LONGEST_MEMO = 16 * 1024 * 1024;
    private static final Tika TIKA = new Tika();

    private final Path file;
    private final String mediaType;
    private final Texts texts;

    /** @throws Problem when the file is of no type that can be a paper */
    PaperFile(Path file, Texts texts) {
        this.file = file;
        this.texts = texts;
        this.mediaType = typeOf(file);
        switch (mediaType) {
            case "" -> throw refused("paper.empty");
            case "image/jpeg", "image/png", "image/tiff", "application/pdf" -> {}
            default -> throw refused("paper.type");
        }
    }

    String mediaType() {
        return mediaType;
    }

    boolean isPdf() {
        return mediaType.equals("application/pdf");
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
        image(1, WIDEST);
        return pages;
    }

    /** A page, from 1, as a PNG. @throws Problem when there is no such page */
    byte[] picture(int page) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image(page, WIDEST), "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw refused("paper.damaged");
        }
    }

    /** A page, from 1, no wider and no higher than {@code widest} pixels. @throws Problem when there is no such page */
    BufferedImage image(int page, int widest) {
        try {
            return isPdf() ? ofPdf(page, widest) : ofPicture(page, widest);
        } catch (IOException | RuntimeException e) {
            throw e instanceof Problem problem ? problem : refused("paper.damaged");
        }
    }

    /** The document, for reading its text; to be closed. @throws IOException when it is none */
    PDDocument document() throws IOException {
        return Loader.loadPDF(file.toFile(), MemoryUsageSetting.setupMixed(LONGEST_MEMO).streamCache);
    }

    private static String typeOf(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return Files.size(file) == 0 ? "" : TIKA.detect(in);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private int pdfPages() {
        try (PDDocument document = document()) {
            if (Swollen.is(document)) {
                throw refused("paper.pixels");
            }
            return document.getNumberOfPages();
        } catch (InvalidPasswordException e) {
            throw refused("paper.encrypted");
        } catch (IOException | RuntimeException e) {
            throw e instanceof Problem problem ? problem : refused("paper.damaged");
        }
    }

    private BufferedImage ofPdf(int page, int widest) throws IOException {
        try (PDDocument document = document()) {
            if (page < 1 || page > document.getNumberOfPages()) {
                throw Problem.notFound(texts.say("paper.no-page"));
            }
            float width = document.getPage(page - 1).getCropBox().getWidth();
            float height = document.getPage(page - 1).getCropBox().getHeight();
            float fitting = widest / Math.max(1, Math.max(width, height));
            float usual = Math.max(widest, WIDEST) / (float) WIDEST * DOTS_PER_INCH / 72;
            return new PDFRenderer(document).renderImage(page - 1, Math.min(usual, fitting), ImageType.RGB);
        }
    }

    private int picturePages() {
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            return readerOf(in).getNumImages(true);
        } catch (IOException | RuntimeException e) {
            throw e instanceof Problem problem ? problem : refused("paper.damaged");
        }
    }

    /** Reads no more pixels than it shows, so that a huge picture takes no huge memory. */
    private BufferedImage ofPicture(int page, int widest) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
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
            int every = (int) Math.max(1, (Math.max(width, height) + widest - 1) / widest);
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
