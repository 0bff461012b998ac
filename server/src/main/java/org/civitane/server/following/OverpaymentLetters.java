package org.civitane.server.following;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.civitane.core.reasoning.Wording;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.contact.Notices;
import org.civitane.server.dossier.Dossiers;
import org.civitane.server.papers.KeptFiles;
import org.civitane.server.papers.PaperStore;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.Pdf;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Texts;
import org.springframework.stereotype.Component;

/** The letter that says what was paid too much, why, how it is settled, and how to object. */
@Component
class OverpaymentLetters {
    private static final int OBJECTION_DAYS = 30;

    private final PaperStore store;
    private final KeptFiles files;
    private final Dossiers dossiers;
    private final Notices notices;
    private final Pdf pdf;
    private final Texts texts;
    private final AgencyClock clock;

    OverpaymentLetters(
            PaperStore store,
            KeptFiles files,
            Dossiers dossiers,
            Notices notices,
            Pdf pdf,
            Texts texts,
            AgencyClock clock) {
        this.store = store;
        this.files = files;
        this.dossiers = dossiers;
        this.notices = notices;
        this.pdf = pdf;
        this.texts = texts;
        this.clock = clock;
    }

    /** Writes and keeps it, in the transaction that names it, and tells the person that there is news. @return its digest */
    String post(ClaimView claim, Overpayment found, String reason, int percent) {
        Wording wording = Claims.programmeOf(claim).wording(Locale.ENGLISH);
        Map<String, Object> letter = new HashMap<>();
        letter.put("date", wording.shown(clock.today()));
        letter.put("applicant", dossiers.of(claim).run().applicant());
        letter.put("programme", wording.text("name"));
        letter.put("number", claim.number());
        letter.put("amount", wording.shown(found.amount()));
        letter.put("time", texts.say(Phrase.of(found.time())));
        letter.put("reason", reason);
        letter.put("percent", percent);
        letter.put("objectBy", wording.shown(clock.today().plusDays(OBJECTION_DAYS)));
        String digest = store.put(pdf.of("overpayment", letter));
        files.hold(digest);
        notices.tell(claim.id());
        return digest;
    }

    /** @param letter its digest */
    byte[] open(String letter) {
        return store.get(letter);
    }
}
