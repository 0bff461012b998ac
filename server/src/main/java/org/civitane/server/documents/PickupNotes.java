package org.civitane.server.documents;

import java.util.Locale;
import java.util.Map;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.dossier.Dossiers;
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
    private final Documents documents;
    private final Handovers handovers;
    private final Dossiers dossiers;
    private final String hours;

    PickupNotes(
            Pdf pdf,
            Texts texts,
            Documents documents,
            Handovers handovers,
            Dossiers dossiers,
            @Value("${civitane.office.hours}") String hours) {
        this.pdf = pdf;
        this.texts = texts;
        this.documents = documents;
        this.handovers = handovers;
        this.dossiers = dossiers;
        this.hours = hours;
    }

    /** As PDF. @throws Problem when nothing of the claim waits at the desk */
    byte[] of(ClaimView claim) {
        Issued document = documents.of(claim.id()).stream()
                .filter(each -> !each.isGone())
                .findFirst()
                .orElseThrow(() -> Problem.notFound(Phrase.of("pickup.nothing")));
        Handover handover = handovers
                .of(document.id())
                .filter(each -> each.atTheDesk() && each.state() == Handover.State.WAITING)
                .orElseThrow(() -> Problem.notFound(Phrase.of("pickup.nothing")));
        Dossier dossier = dossiers.of(claim);
        Wording wording = dossier.run().programme().wording(Locale.ENGLISH);
        return pdf.of(
                "pickup-note",
                Map.of(
                        "title", texts.say("pickup.title"),
                        "document", wording.text("document." + document.kind() + ".title"),
                        "name", dossier.applicant().name().full(),
                        "number", document.number(),
                        "hours", hours,
                        "from", wording.shown(handover.on()),
                        "until", wording.shown(handover.destroyOn()),
                        "proxy", handover.toAProxy(),
                        "code", SquareCode.inline(document.number())));
    }
}
