package org.civitane.server.papers.looking;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.civitane.server.papers.reading.Line;

/** The pages of a file. */
sealed interface Pages permits PdfPages, PicturePages {
    /** The most pixels that are looked at. */
    long MOST_PIXELS = 100_000_000;

    int count() throws IOException, CannotLook;

    /** A page, from 1, no wider and no higher than {@code widest} pixels. */
    BufferedImage page(int page, int widest) throws IOException, CannotLook;

    /** The lines of text on the first pages, as far as the file holds text at all. */
    List<Line> lines(int mostPages) throws IOException, CannotLook;

    /** A page as a person is shown it, in the format that its kind of file is best shown in. */
    default byte[] view(BufferedImage page) throws IOException {
        return png(page);
    }

    static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }
}
