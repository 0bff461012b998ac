package org.civitane.server.demo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;

/** A small invented paper, as a picture: a few lines under a heading. */
final class DemoPaper {
    private static final int WIDTH = 840;
    private static final int HEIGHT = 1_100;

    private DemoPaper() {}

    static byte[] of(String heading, List<String> lines) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        pen.setColor(Color.BLACK);
        pen.setFont(pen.getFont().deriveFont(44f));
        pen.drawString(heading, 80, 140);
        pen.drawLine(80, 165, WIDTH - 80, 165);
        pen.setFont(pen.getFont().deriveFont(28f));
        for (int i = 0; i < lines.size(); i++) {
            pen.drawString(lines.get(i), 80, 240 + i * 52);
        }
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "jpeg", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
