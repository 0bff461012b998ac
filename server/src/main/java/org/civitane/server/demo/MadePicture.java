package org.civitane.server.demo;

import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.awt.image.RescaleOp;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import javax.imageio.ImageIO;

/** Pictures of made documents, as a good camera takes them and as bad luck does. */
public final class MadePicture {
    private static final int WIDTH = 1_500;
    private static final int HEIGHT = 1_040;
    private static final int LEFT = 80;
    private static final int LINE = 74;
    private static final Color PAPER = new Color(0xe9, 0xe9, 0xe6);

    private MadePicture() {}

    /** What can go wrong with a picture. */
    public enum Spoilt {
        NOT,
        SKEWED,
        DARK,
        GLARE,
        BLURRED,
        /** The lower half is not in the picture. */
        HALF,
        SMALL
    }

    /** The picture as JPEG. @param at where it is spoilt, 0 to 1, so that many differ */
    public static byte[] jpeg(MadeDocument document, Spoilt spoilt, double at) {
        BufferedImage picture = drawn(document);
        BufferedImage seen = switch (spoilt) {
            case NOT -> picture;
            case SKEWED -> turned(picture, Math.toRadians(1.5 + 5 * at));
            case DARK -> new RescaleOp((float) (0.16 + 0.1 * at), 0, null).filter(picture, null);
            case GLARE -> glaring(picture, at);
            case BLURRED -> blurred(picture, 7 + (int) (8 * at));
            case HALF -> picture.getSubimage(0, 0, WIDTH, HEIGHT / 2 + (int) (HEIGHT * 0.24 * at));
            case SMALL -> smaller(picture, 0.2 + 0.1 * at);
        };
        return jpeg(seen);
    }

    private static BufferedImage drawn(MadeDocument document) {
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = pen(picture);
        pen.setColor(PAPER);
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        boolean hasPhoto = !document.zone().isEmpty() || document.type().equals("DRIVING_LICENCE");
        int left = LEFT;
        if (hasPhoto) {
            portrait(pen);
            left = 430;
        }
        pen.setColor(Color.BLACK);
        for (int i = 0; i < document.lines().size(); i++) {
            pen.setFont(new Font(Font.SANS_SERIF, i == 0 ? Font.BOLD : Font.PLAIN, i == 0 ? 46 : 36));
            pen.drawString(document.lines().get(i), i == 0 ? LEFT : left, i == 0 ? 110 : 150 + i * LINE);
        }
        int widest = document.zone().size() == 2 ? 44 : 30;
        pen.setFont(new Font(Font.MONOSPACED, Font.PLAIN, widest == 44 ? 50 : 62));
        for (int i = 0; i < document.zone().size(); i++) {
            pen.drawString(
                    document.zone().get(i),
                    LEFT,
                    HEIGHT - 90 - 90 * (document.zone().size() - 1 - i));
        }
        pen.dispose();
        return picture;
    }

    private static void portrait(Graphics2D pen) {
        pen.setColor(new Color(0xc4, 0xca, 0xc8));
        pen.fillRect(LEFT, 180, 300, 380);
        pen.setColor(new Color(0x8a, 0x92, 0x90));
        pen.fillOval(LEFT + 85, 235, 130, 160);
        pen.fillOval(LEFT + 25, 420, 250, 260);
        pen.setColor(PAPER);
        pen.fillRect(LEFT, 560, 300, 130);
    }

    private static BufferedImage turned(BufferedImage picture, double angle) {
        BufferedImage turned = new BufferedImage(WIDTH + 120, HEIGHT + 200, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = pen(turned);
        pen.setColor(new Color(0x9d, 0x96, 0x8c));
        pen.fillRect(0, 0, turned.getWidth(), turned.getHeight());
        pen.rotate(angle, turned.getWidth() / 2.0, turned.getHeight() / 2.0);
        pen.drawImage(picture, 60, 100, null);
        pen.dispose();
        return turned;
    }

    private static BufferedImage glaring(BufferedImage picture, double at) {
        Graphics2D pen = pen(picture);
        float x = (float) (WIDTH * (0.25 + 0.5 * at));
        float y = (float) (HEIGHT * (0.2 + 0.65 * at));
        pen.setPaint(new RadialGradientPaint(x, y, 260, new float[] {0f, 0.55f, 1f}, new Color[] {
            Color.WHITE, Color.WHITE, new Color(255, 255, 255, 0)
        }));
        pen.fillOval((int) x - 260, (int) y - 260, 520, 520);
        pen.dispose();
        return picture;
    }

    private static BufferedImage blurred(BufferedImage picture, int side) {
        float[] even = new float[side * side];
        Arrays.fill(even, 1f / (side * side));
        return new ConvolveOp(new Kernel(side, side, even), ConvolveOp.EDGE_NO_OP, null).filter(picture, null);
    }

    private static BufferedImage smaller(BufferedImage picture, double share) {
        BufferedImage small = new BufferedImage(
                (int) (picture.getWidth() * share), (int) (picture.getHeight() * share), BufferedImage.TYPE_INT_RGB);
        return new AffineTransformOp(AffineTransform.getScaleInstance(share, share), AffineTransformOp.TYPE_BILINEAR)
                .filter(picture, small);
    }

    private static Graphics2D pen(BufferedImage picture) {
        Graphics2D pen = picture.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        return pen;
    }

    private static byte[] jpeg(BufferedImage picture) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(picture, "jpeg", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
