package org.civitane.server.papers.looking;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.LuminanceSource;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reads the square code of a page, however it lies; a noisy page is looked at smaller as well, which evens it out. */
final class Codes {
    private static final Map<DecodeHintType, ?> HINTS =
            Map.of(DecodeHintType.TRY_HARDER, true, DecodeHintType.POSSIBLE_FORMATS, List.of(BarcodeFormat.QR_CODE));
    private static final double[] SIZES = {1, 0.75, 0.5, 0.33};

    private Codes() {}

    /** What the code says; nothing where none is seen, or not wholly. */
    static Optional<String> in(BufferedImage page) {
        for (double size : SIZES) {
            BufferedImage seen = smaller(page, size);
            LuminanceSource light = new RGBLuminanceSource(
                    seen.getWidth(),
                    seen.getHeight(),
                    seen.getRGB(0, 0, seen.getWidth(), seen.getHeight(), null, 0, seen.getWidth()));
            Optional<String> found = read(new BinaryBitmap(new HybridBinarizer(light)))
                    .or(() -> read(new BinaryBitmap(new GlobalHistogramBinarizer(light))));
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private static Optional<String> read(BinaryBitmap picture) {
        try {
            return Optional.of(new QRCodeReader().decode(picture, HINTS).getText());
        } catch (ReaderException e) {
            return Optional.empty();
        }
    }

    private static BufferedImage smaller(BufferedImage page, double size) {
        int width = Math.max(1, (int) (page.getWidth() * size));
        int height = Math.max(1, (int) (page.getHeight() * size));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = small.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(page, 0, 0, width, height, null);
        pen.dispose();
        return small;
    }
}
