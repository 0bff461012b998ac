package org.civitane.server.platform;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
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
        PdfRendererBuilder builder = new PdfRendererBuilder();
        font(builder, "atkinson-regular", "Atkinson", 400);
        font(builder, "atkinson-bold", "Atkinson", 700);
        font(builder, "atkinson-extended", "AtkinsonExtended", 400);
        builder.useFastMode();
        builder.usePdfUaAccessibility(true);
        builder.withHtmlContent(html, null);
        builder.toStream(out);
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
