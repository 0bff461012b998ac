package org.civitane.server.standins;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Profile;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.util.HtmlUtils;

/** Everybody's mailbox and telephone in one, as a page: what the simulated carrier was given for an address. */
@RestController
@Profile(Simulated.PROFILE)
@Tag(name = "Outside services, simulated")
class CarrierMailbox {
    private static final DateTimeFormatter AT = DateTimeFormatter.ofPattern("d MMM HH:mm:ss");
    private static final int SHOWN = 10;

    private final Carrier carrier;

    CarrierMailbox(Carrier carrier) {
        this.carrier = carrier;
    }

    @Operation(summary = "What was carried to an address, the newest first, for a browser.")
    @GetMapping(value = "/standins/mail-page", produces = MediaType.TEXT_HTML_VALUE)
    String mailbox(@RequestParam(defaultValue = "") String of) {
        List<Carrier.Sent> found = carrier.carried().stream()
                .filter(each -> each.recipient().equalsIgnoreCase(of.strip()))
                .limit(SHOWN)
                .toList();
        return """
                <!doctype html><html lang="en"><meta charset="utf-8"><title>Simulated mailbox</title>
                <meta name="viewport" content="width=device-width">
                <body><h1>Simulated mailbox</h1>
                <p>Nothing leaves this machine. What would have gone to an address or a phone can be read here.</p>
                <form><label>Address or phone <input name="of" value="%s"></label> <button>Show</button></form>
                %s</body></html>""".formatted(HtmlUtils.htmlEscape(of), found.isEmpty() ? nothing(of) : letters(found));
    }

    private static String nothing(String of) {
        return of.isBlank() ? "" : "<p>Nothing came there yet. Load this page again in a moment.</p>";
    }

    private static String letters(List<Carrier.Sent> found) {
        return found.stream()
                .map(each -> "<article><h2>%s</h2><p><small>%s</small></p><p>%s</p></article>"
                        .formatted(
                                HtmlUtils.htmlEscape(each.subject()),
                                AT.format(each.at().atZone(ZoneId.systemDefault())),
                                linked(HtmlUtils.htmlEscape(each.body()))))
                .collect(Collectors.joining());
    }

    private static String linked(String text) {
        return text.replaceAll("(http://[^\\s&]+)", "<a href=\"$1\">$1</a>").replace("\n", "<br>");
    }
}
