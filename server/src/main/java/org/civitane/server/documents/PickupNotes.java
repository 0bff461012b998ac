package org.civitane.server.documents;

import java.util.Locale;
import java.util.Map;
import org.civitane.core.programme.Consequence;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.Pdf;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.SquareCode;
import org.civitane.server.platform.Texts;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** What whoever comes for a document needs to know: where, when, and what to bring. */
@Component
class PickupNotes {
    private final Pdf pdf;
    private final Texts texts;
    private final String hours;

    PickupNotes(Pdf pdf, Texts texts, @Value("${civitane.office.hours}") String hours) {
        this.pdf = pdf;
        this.texts = texts;
        this.hours = hours;
    }

    /** As PDF. @throws Problem when nobody comes for it */
    byte[] of(Dossier dossier, Issued document) {
        Consequence.HandOver handOver = Documents.handOver(dossier.settled().read(), document.issuedOn())
                .filter(Consequence.HandOver::atTheDesk)
                .orElseThrow(() -> Problem.notFound(Phrase.of("pickup.nothing")));
        Wording wording = dossier.run().programme().wording(Locale.ENGLISH);
        return pdf.of(
                "pickup-note",
                Map.of(
                        "title", texts.say("pickup.title"),
                        "document", wording.text("document." + document.kind() + ".title"),
                        "name", dossier.applicant().name().full(),
                        "number", dossier.claim().number(),
                        "hours", hours,
                        "from", wording.shown(handOver.on()),
                        "proxy", handOver.toAProxy(),
                        "code", SquareCode.inline(dossier.claim().number())));
    }
}
