package org.civitane.server.papers.looking;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import org.civitane.server.papers.reading.Line;

/** The pages of a JPEG, PNG or TIFF. */
record PicturePages(Path file, String mediaType) implements Pages {
    private static final float FINE = 0.92f;

    @Override
    public int count() throws IOException, CannotLook {
        try (ImageInputStream in = opened()) {
            int count = readerOf(in).getNumImages(true);
            if (count == 0) {
                throw new CannotLook(Fault.DAMAGED);
            }
            return count;
        }
    }

    /** Reads no more pixels than it shows, so that a huge picture takes no huge memory. */
    @Override
    public BufferedImage page(int page, int widest) throws IOException, CannotLook {
        try (ImageInputStream in = opened()) {
            ImageReader reader = readerOf(in);
            if (page < 1 || page > reader.getNumImages(true)) {
                throw new CannotLook(Fault.NO_PAGE);
            }
            long width = reader.getWidth(page - 1);
            long height = reader.getHeight(page - 1);
            if (width * height > MOST_PIXELS) {
                throw new CannotLook(Fault.TOO_LARGE);
            }
            ImageReadParam parameters = reader.getDefaultReadParam();
            int every = (int) Math.max(1, (Math.max(width, height) + widest - 1) / widest);
            parameters.setSourceSubsampling(every, every, 0, 0);
            BufferedImage image = reader.read(page - 1, parameters);
            return mediaType.equals("image/jpeg") ? upright(image, JpegParts.turnOf(file)) : image;
        }
    }

    /** A JPEG again as JPEG, since what a camera saw is no smoother than that. */
    @Override
    public byte[] view(BufferedImage page) throws IOException {
        if (!mediaType.equals("image/jpeg")) {
            return Pages.png(page);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ImageOutputStream into = new MemoryCacheImageOutputStream(out)) {
            ImageWriteParam fine = writer.getDefaultWriteParam();
            fine.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            fine.setCompressionQuality(FINE);
            writer.setOutput(into);
            writer.write(null, new IIOImage(page, null, null), fine);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    @Override
    public List<Line> lines(int mostPages) {
        return List.of();
    }

    private ImageInputStream opened() throws IOException {
        return ImageIO.createImageInputStream(file.toFile());
    }

    private ImageReader readerOf(ImageInputStream in) throws IOException, CannotLook {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
        while (readers.hasNext()) {
            ImageReader reader = readers.next();
            if (mediaType.equalsIgnoreCase("image/" + reader.getFormatName())
                    || mediaType.equals("image/tiff") && reader.getFormatName().equalsIgnoreCase("tif")) {
                reader.setInput(in);
                return reader;
            }
        }
        throw new CannotLook(Fault.DAMAGED);
    }

    /** @param turn as cameras note it, 1 to 8 */
    private static BufferedImage upright(BufferedImage image, int turn) {
        if (turn <= 1 || turn > 8) {
            return image;
        }
        double width = image.getWidth();
        double height = image.getHeight();
        AffineTransform way = switch (turn) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, width, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, width, height);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, height);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, height, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, height, width);
            default -> new AffineTransform(0, -1, 1, 0, 0, width);
        };
        boolean aside = turn >= 5;
        BufferedImage upright = new BufferedImage(
                (int) (aside ? height : width), (int) (aside ? width : height), BufferedImage.TYPE_INT_RGB);
        Graphics2D drawn = upright.createGraphics();
        drawn.drawImage(image, way, null);
        drawn.dispose();
        return upright;
    }
}
