package org.civitane.server.platform;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;

/** Square codes that a camera reads (QR), as pictures. */
public final class SquareCode {
    private static final int DOTS = 4;
    private static final int BLACK = 0x000000;
    private static final int WHITE = 0xffffff;

    private SquareCode() {}

    /** The code of a text as the address of a picture that holds itself. */
    public static String inline(String text) {
        return "data:image/png;base64," + Base64.getEncoder().encodeToString(png(text));
    }

    private static byte[] png(String text) {
        try {
            BitMatrix dots = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.Q, EncodeHintType.MARGIN, 2));
            int side = dots.getWidth() * DOTS;
            BufferedImage picture = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
            for (int x = 0; x < side; x++) {
                for (int y = 0; y < side; y++) {
                    picture.setRGB(x, y, dots.get(x / DOTS, y / DOTS) ? BLACK : WHITE);
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(picture, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (WriterException e) {
            throw new IllegalStateException("Impossible state: a link fits into a code.", e);
        }
    }
}
