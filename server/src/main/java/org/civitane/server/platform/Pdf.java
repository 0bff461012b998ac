package org.civitane.server.platform;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** Fills the templates of letters and forms, and sets them as PDF with selectable text in the fonts that ship here. */
@Component
public class Pdf {
    private final TemplateEngine templates = new SpringTemplateEngine();

    Pdf() {
        XRLog.setLoggingEnabled(false);
        ClassLoaderTemplateResolver resolver = new ClassLoaderTemplateResolver();
        resolver.setPrefix("letters/");
        resolver.setSuffix(".html");
        resolver.setTemplateMode(TemplateMode.HTML);
        resolver.setCharacterEncoding("UTF-8");
        templates.setTemplateResolver(resolver);
    }

    /** @param template its name below {@code letters/} @param values by the names it uses */
    public byte[] of(String template, Map<String, Object> values) {
        return set(fill(template, values));
    }

    /** A template with its values, as a page of HTML. */
    public String fill(String template, Map<String, Object> values) {
        return templates.process(template, new Context(Locale.ENGLISH, values));
    }

    /** What stands in a page of HTML, without its head. */
    public static String bodyOf(String html) {
        int begin = html.indexOf("<body>") + "<body>".length();
        return html.substring(begin, html.indexOf("</body>", begin)).strip();
    }

    /** A page of HTML as PDF/UA: tagged, with its language and title, so that it can be listened to. */
    public byte[] set(String html) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = inOurFonts(html);
        builder.usePdfUaAccessibility(true);
        builder.toStream(out);
        return run(builder, out);
    }

    /**
     * A page of HTML as PDF/A-2u and PDF/UA: everything it needs is in it, its text can be read out of it for good, and it
     * can be listened to.
     */
    public byte[] archived(String html) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = inOurFonts(html);
        builder.usePdfAConformance(PdfRendererBuilder.PdfAConformance.PDFA_2_U);
        builder.usePdfUaAccessibility(true);
        builder.useColorProfile(ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData());
        builder.toStream(out);
        return run(builder, out);
    }

    private static PdfRendererBuilder inOurFonts(String html) {
        PdfRendererBuilder builder = new PdfRendererBuilder();
        font(builder, "atkinson-regular", "Atkinson", 400);
        font(builder, "atkinson-bold", "Atkinson", 700);
        font(builder, "atkinson-extended", "AtkinsonExtended", 400);
        builder.useFastMode();
        builder.withHtmlContent(html, null);
        return builder;
    }

    private static byte[] run(PdfRendererBuilder builder, ByteArrayOutputStream out) {
        try {
            builder.run();
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(
                () -> Pdf.class.getResourceAsStream("/letters/" + file + ".ttf"),
                family,
                weight,
                FontStyle.NORMAL,
                true);
    }
}
