package org.civitane.server.intake;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.util.HtmlUtils;
import tools.jackson.databind.ObjectMapper;

/**
 * The first page, written out: whoever comes for the first time on a slow phone sees what there is to apply for, and can
 * go on, before any script has come. The build of the screens makes it, with one row as a pattern; what there is to
 * apply for is repeated into it here. Whoever is signed in gets the page that all screens live in.
 */
@Controller
class FirstPageController {
    private static final String MADE = "/META-INF/resources/first.html";
    private static final String BEGIN = "<!-- offer -->";
    private static final String END = "<!-- /offer -->";

    private final Optional<String> page;

    FirstPageController(ObjectMapper json, ProgrammeController programmes) throws IOException {
        this.page = made().map(made -> written(made, programmes.programmes(), json));
    }

    @GetMapping("/")
    void first(Principal who, HttpServletRequest request, HttpServletResponse response)
            throws IOException, ServletException {
        if (who != null || page.isEmpty()) {
            request.getRequestDispatcher("/index.html").forward(request, response);
            return;
        }
        response.setContentType(MediaType.TEXT_HTML_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8);
        response.getWriter().write(page.get());
    }

    private static String written(String made, List<ProgrammeController.Offer> offers, ObjectMapper json) {
        int begin = made.indexOf(BEGIN);
        int end = made.indexOf(END);
        String row = made.substring(begin + BEGIN.length(), end);
        String rows = offers.stream().map(offer -> row(row, offer)).collect(Collectors.joining());
        String told = json.writeValueAsString(offers).replace("<", "\\u003c");
        return made.substring(0, begin)
                + rows
                + made.substring(end + END.length()).replace("{told}", told);
    }

    private static String row(String pattern, ProgrammeController.Offer offer) {
        return pattern.replace("{id}", HtmlUtils.htmlEscape(offer.id()))
                .replace("{name}", HtmlUtils.htmlEscape(offer.name()))
                .replace("{purpose}", HtmlUtils.htmlEscape(offer.purpose()));
    }

    /** Empty where the server is built without its screens. */
    private static Optional<String> made() throws IOException {
        try (InputStream file = FirstPageController.class.getResourceAsStream(MADE)) {
            return file == null
                    ? Optional.empty()
                    : Optional.of(new String(file.readAllBytes(), StandardCharsets.UTF_8));
        }
    }
}
