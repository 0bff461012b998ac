package org.civitane.server.decisions;

import java.util.UUID;
import org.civitane.server.contact.Notices;
import org.civitane.server.determinations.Determinations;
import org.civitane.server.dossier.Dossier;
import org.civitane.server.platform.Phrase;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** What deciding leaves behind: the kept run, the letters, word to whom it concerns. Part of the deciding transaction. */
@Component
class Announcing {
    private final Determinations determinations;
    private final LetterBox letters;
    private final Notices notices;
    private final ApplicationEventPublisher events;

    Announcing(Determinations determinations, LetterBox letters, Notices notices, ApplicationEventPublisher events) {
        this.determinations = determinations;
        this.letters = letters;
        this.notices = notices;
        this.events = events;
    }

    /** What was kept. @param run the id of the kept run @param letter the digest of the letter to the applicant */
    record Kept(UUID run, String letter) {}

    Kept keep(Dossier dossier, Decision.Kind kind, Phrase reason, Phrase by) {
        UUID run = determinations.keep(dossier.claim(), dossier.settled().json(), dossier.run());
        String letter = letters.post(dossier.claim(), dossier.run(), kind, reason, by);
        if (kind == Decision.Kind.DETERMINED) {
            letters.postToOthers(dossier);
        }
        return new Kept(run, letter);
    }

    /** Tells those who act on it, and the applicant that there is news. */
    void tell(Dossier dossier, UUID run, Decision.Kind kind) {
        UUID claim = dossier.claim().id();
        events.publishEvent(new Decided(claim, run, kind, dossier.run().determination()));
        notices.tell(claim);
    }
}
