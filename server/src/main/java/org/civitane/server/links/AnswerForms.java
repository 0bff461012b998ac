package org.civitane.server.links;

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
import java.util.HashMap;
import java.util.Map;
import javax.imageio.ImageIO;
import org.civitane.server.asks.Ask;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Pdf;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Component;

/** The page behind a link as a form on paper, filled in as far as it is known; its code leads it back to its ask. */
@Component
class AnswerForms {
    private static final int DOTS = 4;
    private static final int BLACK = 0x000000;
    private static final int WHITE = 0xffffff;

    private final Links links;
    private final LinkPages pages;
    private final Pdf pdf;
    private final Texts texts;

    AnswerForms(Links links, LinkPages pages, Pdf pdf, Texts texts) {
        this.links = links;
        this.pages = pages;
        this.pdf = pdf;
        this.texts = texts;
    }

    /** The form for an ask, as PDF. Each has a code of its own, which is a link as well. */
    byte[] of(Ask ask) {
        LinkPage page = pages.onPaper(ask);
        String link = links.make(ask, Link.Way.PAPER);
        Map<String, Object> form = new HashMap<>();
        form.put("title", page.title());
        form.put("you", page.you());
        form.put("programme", page.programme());
        form.put("about", page.about());
        form.put("due", texts.say("form.due", DayText.date(page.dueOn()), page.then()));
        form.put("shown", page.shown());
        form.put("asked", page.asked());
        form.put("signs", ask.kind() == Ask.Kind.SIGNATURE);
        form.put("code", "data:image/png;base64," + Base64.getEncoder().encodeToString(code(link)));
        return pdf.of("answer-form", form);
    }

    private static byte[] code(String text) {
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
