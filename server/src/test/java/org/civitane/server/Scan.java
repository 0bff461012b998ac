package org.civitane.server;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Random;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.civitane.server.papers.looking.Camera;

/** The first page of a form as a scanner gives it. */
final class Scan {
    private static final int WIDTH = 1000;
    private static final int HEIGHT = 1400;
    private static final int DOTS = 110;

    private Scan() {}

    static byte[] straight(byte[] pdf) throws IOException {
        return png(sheet(pdf, 0));
    }

    /** Laid on upside down, and not quite straight. */
    static byte[] turned(byte[] pdf) throws IOException {
        return png(sheet(pdf, Math.PI + 0.04));
    }

    /** Laid on askew, on a scanner that sees each dot darker or lighter than it is, by so much at the most part. */
    static byte[] noisy(byte[] pdf, int noise) throws IOException {
        BufferedImage sheet = sheet(pdf, -0.06);
        Random random = new Random(20261127);
        for (int x = 0; x < WIDTH; x++) {
            for (int y = 0; y < HEIGHT; y++) {
                int was = new Color(sheet.getRGB(x, y)).getGreen();
                int grey = Math.clamp(was + (int) (random.nextGaussian() * noise / 2), 0, 255);
                sheet.setRGB(x, y, new Color(grey, grey, grey).getRGB());
            }
        }
        return png(sheet);
    }

    static byte[] empty() throws IOException {
        return png(sheet(new byte[0], 0));
    }

    /** The secret part of the link that the code of a form is. */
    static String code(byte[] pdf) throws IOException {
        String link = Camera.reads(sheet(pdf, 0));
        return link.substring(link.indexOf('#') + 1);
    }

    private static BufferedImage sheet(byte[] pdf, double turn) throws IOException {
        BufferedImage sheet = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = sheet.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        if (pdf.length > 0) {
            try (PDDocument document = Loader.loadPDF(pdf)) {
                pen.rotate(turn, WIDTH / 2.0, HEIGHT / 2.0);
                pen.drawImage(new PDFRenderer(document).renderImageWithDPI(0, DOTS), 40, 60, null);
            }
        }
        pen.dispose();
        return sheet;
    }

    private static byte[] png(BufferedImage sheet) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(sheet, "png", out);
        return out.toByteArray();
    }
}
