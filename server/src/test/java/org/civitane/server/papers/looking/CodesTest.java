package org.civitane.server.papers.looking;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.util.Arrays;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The square code of a form as it comes back: however it lies, scanned badly, photographed aslant. */
public class CodesTest {
    private static final String LINK = "http://127.0.0.1:8420/answer#toPReOXPgnge20pTtAGKw8Z0wILZChQm1pDxwA-3MnI";
    private static final int DOTS = 5;

    @DataProvider
    Object[][] scans() {
        return new Object[][] {
            {0, 0, false, 1.0},
            {90, 0, false, 1.0},
            {180, 0, false, 1.0},
            {270, 40, false, 1.0},
            {3, 40, false, 1.0},
            {-7, 60, true, 1.0},
            {17, 40, true, 1.0},
            {45, 60, false, 1.0},
            {0, 90, false, 0.6},
            {187, 50, true, 0.85},
        };
    }

    @Test(dataProvider = "scans")
    public void isReadFromATurnedNoisyScan(int degrees, int noise, boolean blurred, double size) {
        assertThat(Codes.in(scan(page(), degrees, noise, blurred, size)))
                .as(degrees + " degrees, noise " + noise)
                .contains(LINK);
    }

    @Test
    public void nothingIsReadWhereTheCodeIsTornOrThereIsNone() {
        BufferedImage torn = page();
        Graphics2D pen = torn.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(700, 0, 500, 260);
        pen.dispose();
        assertThat(Codes.in(torn)).isEmpty();
        assertThat(Codes.in(new BufferedImage(600, 800, BufferedImage.TYPE_INT_RGB)))
                .isEmpty();
    }

    /** A sheet with lines of writing and the code at the top right. */
    private static BufferedImage page() {
        BufferedImage page = new BufferedImage(1100, 1550, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = page.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, page.getWidth(), page.getHeight());
        pen.setColor(Color.DARK_GRAY);
        pen.setFont(pen.getFont().deriveFont(22f));
        for (int line = 0; line < 40; line++) {
            pen.drawString("What was said about you, and what you share: line " + line, 60, 420 + line * 26);
        }
        BitMatrix dots = dots();
        for (int x = 0; x < dots.getWidth(); x++) {
            for (int y = 0; y < dots.getHeight(); y++) {
                pen.setColor(dots.get(x, y) ? Color.BLACK : Color.WHITE);
                pen.fillRect(770 + x * DOTS, 60 + y * DOTS, DOTS, DOTS);
            }
        }
        pen.dispose();
        return page;
    }

    private static BitMatrix dots() {
        try {
            return new QRCodeWriter().encode(LINK, BarcodeFormat.QR_CODE, 0, 0);
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }

    private static BufferedImage scan(BufferedImage page, int degrees, int noise, boolean blurred, double size) {
        int side = (int) (1950 * size);
        BufferedImage scan = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = scan.createGraphics();
        pen.setColor(new Color(228, 226, 220));
        pen.fillRect(0, 0, side, side);
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.translate(side / 2.0, side / 2.0);
        pen.rotate(Math.toRadians(degrees));
        pen.scale(size, size);
        pen.drawImage(page, -page.getWidth() / 2, -page.getHeight() / 2, null);
        pen.dispose();
        BufferedImage seen = blurred ? blur(scan) : scan;
        Random random = new Random(degrees * 31L + noise);
        for (int x = 0; noise > 0 && x < side; x++) {
            for (int y = 0; y < side; y++) {
                int more = (int) (random.nextGaussian() * noise / 2);
                Color was = new Color(seen.getRGB(x, y));
                seen.setRGB(
                        x,
                        y,
                        new Color(
                                        within(was.getRed() + more),
                                        within(was.getGreen() + more),
                                        within(was.getBlue() + more))
                                .getRGB());
            }
        }
        return seen;
    }

    private static BufferedImage blur(BufferedImage sharp) {
        float[] even = new float[9];
        Arrays.fill(even, 1 / 9f);
        return new ConvolveOp(new Kernel(3, 3, even), ConvolveOp.EDGE_NO_OP, null).filter(sharp, null);
    }

    private static int within(int light) {
        return Math.clamp(light, 0, 255);
    }
}
