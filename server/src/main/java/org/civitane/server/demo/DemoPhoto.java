package org.civitane.server.demo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** A drawn portrait that stands for a photo, as large as one has to be. */
public final class DemoPhoto {
    static final int WIDTH = 413;
    static final int HEIGHT = 531;
    private static final Color GROUND = new Color(0xe6, 0xec, 0xe9);
    private static final Color[] SKIN = {
        new Color(0xe8, 0xc4, 0xa4), new Color(0xb9, 0x86, 0x62), new Color(0xf1, 0xd3, 0xbb)
    };
    private static final Color[] HAIR = {
        new Color(0x3a, 0x2a, 0x20), new Color(0x8a, 0x5a, 0x2c), new Color(0x1e, 0x1e, 0x22)
    };

    private DemoPhoto() {}

    /** @param who tells faces apart */
    public static byte[] png(int who) {
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = picture.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setColor(GROUND);
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        pen.setColor(new Color(0x2f, 0x4f, 0x5f));
        pen.fillOval(20, 430, WIDTH - 40, 260);
        pen.setColor(HAIR[who % HAIR.length]);
        pen.fillOval(108, 70, 198, 250);
        pen.setColor(SKIN[who % SKIN.length]);
        pen.fillRect(172, 350, 70, 100);
        pen.fillOval(122, 110, 170, 270);
        pen.setColor(new Color(0x2a, 0x2a, 0x2a));
        pen.fillOval(164, 225, 18, 12);
        pen.fillOval(232, 225, 18, 12);
        pen.drawArc(176, 290, 62, 26, 200, 140);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
