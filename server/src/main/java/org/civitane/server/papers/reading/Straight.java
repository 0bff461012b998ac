package org.civitane.server.papers.reading;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.civitane.server.papers.ShownValue;

/**
 * A page turned so that its lines run level, since only such lines are read well. The angle is the one at which rows of
 * ink and rows of paper differ most.
 *
 * @param png the page, turned
 * @param angle by how much, in radians; 0 when it was level
 */
public record Straight(byte[] png, double angle, int width, int height) {
    private static final int LOOKED_AT = 700;
    private static final double MOST = Math.toRadians(9);
    private static final double STEP = Math.toRadians(0.5);
    /** Less is not worth the loss of sharpness. */
    private static final double LEAST = Math.toRadians(0.6);

    private static final int INK = 110;

    /** @param png a page as a picture that was made here */
    public static Straight of(byte[] png) throws IOException {
        BufferedImage page = ImageIO.read(new ByteArrayInputStream(png));
        double angle = angleOf(page);
        if (Math.abs(angle) < LEAST) {
            return new Straight(png, 0, page.getWidth(), page.getHeight());
        }
        BufferedImage turned = new BufferedImage(page.getWidth(), page.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = turned.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, page.getWidth(), page.getHeight());
        pen.rotate(-angle, page.getWidth() / 2.0, page.getHeight() / 2.0);
        pen.drawImage(page, 0, 0, null);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(turned, "png", out);
        return new Straight(out.toByteArray(), angle, page.getWidth(), page.getHeight());
    }

    /** Where a place on the turned page is on the page as it was. */
    ShownValue.Box before(ShownValue.Box place) {
        if (angle == 0) {
            return place;
        }
        double x = (place.left() + place.width() / 2 - 0.5) * width;
        double y = (place.top() + place.height() / 2 - 0.5) * height;
        double back = x * Math.cos(angle) - y * Math.sin(angle);
        double down = x * Math.sin(angle) + y * Math.cos(angle);
        double tall = place.height() + place.width() * Math.abs(Math.sin(angle)) * width / height;
        return new ShownValue.Box(
                within(back / width + 0.5 - place.width() / 2),
                within(down / height + 0.5 - tall / 2),
                place.width(),
                tall);
    }

    private static double within(double share) {
        return Math.max(0, Math.min(1, share));
    }

    private static double angleOf(BufferedImage page) {
        double scale = Math.min(1, LOOKED_AT / (double) Math.max(page.getWidth(), page.getHeight()));
        int width = Math.max(1, (int) (page.getWidth() * scale));
        int height = Math.max(1, (int) (page.getHeight() * scale));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D pen = small.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(page, 0, 0, width, height, null);
        pen.dispose();
        int[] grey = small.getRaster().getSamples(0, 0, width, height, 0, (int[]) null);
        int[] points = ink(grey, width, height);
        double best = 0;
        double most = contrast(points, width, height, 0);
        for (double angle = -MOST; angle <= MOST; angle += STEP) {
            double now = contrast(points, width, height, angle);
            if (now > most * 1.02) {
                most = now;
                best = angle;
            }
        }
        return best;
    }

    /** The points that are much darker than the paper to their right: the edges of letters, not of shadows. */
    private static int[] ink(int[] grey, int width, int height) {
        return IntStream.range(0, width * height)
                .filter(i -> i % width < width - 2 && grey[i + 2] - grey[i] > INK / 3)
                .toArray();
    }

    /** How unlike the rows are along lines of that angle. */
    private static double contrast(int[] points, int width, int height, double angle) {
        double slope = Math.tan(angle);
        int most = (int) (width * Math.tan(MOST)) + 1;
        int[] rows = new int[height + 2 * most];
        for (int point : points) {
            int row = (int) Math.round(point / width - (point % width) * slope) + most;
            if (row >= 0 && row < rows.length) {
                rows[row]++;
            }
        }
        double sum = 0;
        for (int row = 1; row < rows.length; row++) {
            double apart = rows[row] - rows[row - 1];
            sum += apart * apart;
        }
        return sum;
    }
}
